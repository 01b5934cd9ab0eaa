<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** One screw through a sheet, where it stands. */
final readonly class Screw
{
    /**
     * @param  string  $panel  id
     * @param  ScrewRow  $row  it stands in
     * @param  float  $u  on the face, inches; `$v` up the slope
     * @param  WindZone  $zone  it stands in
     * @param  float  $squareFeet  of roof that hangs on it; none on what only stitches
     * @param  float|null  $demand  lb the wind pulls at it; null where no pressures are known
     * @param  float  $allowable  lb it may carry
     */
    public function __construct(public string $face, public string $panel, public ScrewRow $row, public float $u, public float $v, public WindZone $zone, public float $squareFeet, public ?float $demand, public float $allowable)
    {
    }

    /** Of what it may carry; null where no pressures are known. */
    public function ratio(): ?float
    {
        return $this->demand === null ? null : $this->demand / $this->allowable;
    }
}
