<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey\Internal;

use Imbrex\Core\Ground\Findings\Finding;

/** What is to settle about a plane, and what to tape next, the most pressing first. */
final readonly class SurveyReport
{
    /**
     * @param  list<Finding>  $findings
     * @param  list<string>  $tapeNext  names of readings
     */
    public function __construct(public array $findings, public array $tapeNext)
    {
    }
}
