<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\HoldDown\ScrewRow;
use Imbrex\Core\Roof\Face;

/** Tells at what the ends of a face's sheets lie, and so which row of screws runs along them and how far in: by the side of the face each side of a sheet was cut to. */
final readonly class SheetEnds
{
    private const CUT = [EdgeKind::Hip, EdgeKind::Valley];

    /**
     * @param  list<bool>  $closed  by side of the face: whether its ribs are closed there
     * @param  list<float|null>  $rows  by side of the face: from the sheet's end to the row its build has there, inches square to the side; null where it has none
     */
    public function __construct(private Face $face, private array $closed, private array $rows)
    {
    }

    /** From a sheet's end to the row that its build has there, inches along the rib; null where it has none. */
    public function inset(Panel $panel, float $u, float $end): ?float
    {
        [$side, $slant] = $panel->cutTo($u, $end);
        $row = $side === null ? null : $this->rows[$side] ?? null;

        return $row === null ? null : $row * $slant;
    }

    /**
     * @param  float  $u  across the face, inches
     * @param  float  $end  where a sheet ends there, up the slope
     */
    public function row(Panel $panel, float $u, float $end): ScrewRow
    {
        [$side] = $panel->cutTo($u, $end);

        return match (true) {
            $side === null => ScrewRow::End,
            // Beyond the face's own sides there are those of its openings.
            ! isset($this->face->edges[$side]), in_array($this->face->edges[$side], self::CUT, true) => ScrewRow::Extra,
            $this->closed[$side] ?? false => ScrewRow::Closure,
            default => ScrewRow::End,
        };
    }
}
