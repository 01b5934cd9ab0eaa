<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Edges\Junctions\Junction;
use Imbrex\Core\Edges\Junctions\JunctionRun;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Stations\Print\Sheet;

/** Draws a junction unfolded into one sheet in black on white, its pieces numbered in the order they go on. */
final readonly class JunctionSheet
{
    public function __construct(private Sheet $sheet)
    {
    }

    public function draw(Junction $junction, float $x, float $y, float $size): void
    {
        $scale = $size / (2.0 * JunctionRun::REACH);
        // What runs on past the sheet is cut off at its edge.
        $kept = static fn (float $inches): float => max(-JunctionRun::REACH, min(JunctionRun::REACH, $inches));
        $at = static fn (Point $p): array => [$x + ($kept($p->u) + JunctionRun::REACH) * $scale, $y + (JunctionRun::REACH - $kept($p->v)) * $scale];
        foreach ($junction->pieces as $piece) {
            foreach ($piece->areas as $area) {
                $this->sheet->polygon(array_map($at, $area->corners), 0.93, 0.9);
            }
        }
        $seen = JunctionRun::seen($junction);
        foreach ($junction->pieces as $i => $piece) {
            [$cx, $cy] = $at($seen[$piece->key]);
            $this->sheet->polygon([[$cx - 8.0, $cy - 8.0], [$cx + 8.0, $cy - 8.0], [$cx + 8.0, $cy + 8.0], [$cx - 8.0, $cy + 8.0]], 1.0, 0.8);
            $this->sheet->text($cx, $cy + 4.0, (string) ($i + 1), 11.0, true, 'middle');
        }
    }
}
