<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\DrawnLayer;
use Imbrex\Core\Edges\Section;
use Imbrex\Core\Edges\SectionPicture;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Stations\Print\Sheet;

/** Draws a section in black on white, as large as its box allows, its layers numbered and named. */
final readonly class SectionSheet
{
    private const STROKES = ['panel' => 2.0, 'membrane' => 1.2, 'trim' => 1.3, 'cleat' => 1.3, 'zee' => 1.3];

    public function __construct(private Sheet $sheet, private LayerWords $words)
    {
    }

    /** @return float where it ends */
    public function draw(Section $section, float $x, float $y, float $wide, float $high): float
    {
        $drawn = SectionPicture::of($section);
        $solids = SectionPicture::solids($section->path);
        $callouts = Callouts::of($drawn, array_merge(...$solids));
        $scale = min($wide / ($callouts->right - $callouts->left), $high / ($callouts->top - $callouts->bottom));
        $left = $x + ($wide - ($callouts->right - $callouts->left) * $scale) / 2.0;
        $at = static fn (Point $p): array => [$left + ($p->u - $callouts->left) * $scale, $y + ($callouts->top - $p->v) * $scale];
        foreach ($solids as $solid) {
            $this->sheet->polygon(array_map($at, $solid), 0.92, 0.5, 0.5);
        }
        foreach ($drawn as $layer) {
            $this->layer($layer, array_map($at, $layer->line), array_map($at, $layer->body));
            foreach ($layer->fasteners as [$head, $point]) {
                [[$hx, $hy], [$px, $py]] = [$at($head), $at($point)];
                $this->sheet->line($hx, $hy, $px, $py, 1.0);
                $long = max(1.0, hypot($px - $hx, $py - $hy));
                [$nx, $ny] = [($py - $hy) / $long * 3.0, -($px - $hx) / $long * 3.0];
                $this->sheet->line($hx - $nx, $hy - $ny, $hx + $nx, $hy + $ny, 1.8);
            }
        }
        foreach ($drawn as $i => $layer) {
            $place = $callouts->places[$layer->placed->layer->key];
            [$cx, $cy] = $at(new Point(...$place['at']));
            [$ax, $ay] = $at($layer->anchor);
            $letter = min(10.0, $callouts->letter * $scale);
            $this->sheet->line($ax, $ay, $cx, $cy, 0.4, [], 0.45);
            $this->sheet->polygon(self::ring($cx, $cy, 0.8 * $letter), 1.0, 0.8);
            $this->sheet->text($cx, $cy + 0.36 * $letter, (string) ($i + 1), $letter, true, 'middle');
            $this->sheet->text($cx + ($place['left'] ? -1.2 : 1.2) * $letter, $cy + 0.36 * $letter, $this->words->name($layer->placed->layer), $letter, false, $place['left'] ? 'right' : 'left');
        }

        return $y + ($callouts->top - $callouts->bottom) * $scale;
    }

    /**
     * @param  list<array{float, float}>  $line
     * @param  list<array{float, float}>  $body
     */
    private function layer(DrawnLayer $layer, array $line, array $body): void
    {
        $role = $layer->placed->layer->role;
        if ($body !== []) {
            $this->sheet->polygon($body, $role->seals() ? 0.15 : 0.82, 0.6);

            return;
        }
        foreach (array_slice($line, 1) as $i => $to) {
            $this->sheet->line($line[$i][0], $line[$i][1], $to[0], $to[1], self::STROKES[$role->value] ?? 1.0, $role === LayerRole::Membrane ? [5.0, 2.0] : [], $role === LayerRole::Membrane ? 0.4 : 0.0);
        }
    }

    /** @return list<array{float, float}> */
    private static function ring(float $x, float $y, float $radius): array
    {
        return array_map(static fn (int $i): array => [$x + $radius * cos($i * M_PI / 10.0), $y + $radius * sin($i * M_PI / 10.0)], range(0, 19));
    }
}
