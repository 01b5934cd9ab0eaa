<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

/** What somebody chose for the uphill side of an opening. */
final readonly class Uphill
{
    /** @param  float|null  $riseIn12  of a cricket's two faces; null = as steep as the face it stands on */
    public function __construct(public UphillSchool $school = UphillSchool::Apron, public ?float $riseIn12 = null)
    {
    }
}
