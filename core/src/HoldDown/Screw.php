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
     */
    public function __construct(public string $face, public string $panel, public ScrewRow $row, public float $u, public float $v)
    {
    }
}
