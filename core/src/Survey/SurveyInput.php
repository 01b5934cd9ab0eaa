<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\JobPart;

final readonly class SurveyInput implements JobPart
{
    /** @param  list<Plane>  $planes */
    public function __construct(public array $planes = [])
    {
    }
}
