<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Roof\CheckResult;

/** How all checks agree with a block roof. */
final readonly class CheckReport
{
    /**
     * @param  list<CheckResult>  $results
     * @param  list<string>  $wanting  ids of faces that want one taped length before an order
     * @param  list<Finding>  $findings
     */
    public function __construct(public array $results, public array $wanting, public array $findings)
    {
    }
}
