<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\FlatBlank;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Metalwork\Line;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Plan;
use Imbrex\Stations\Words\Words;

/** Flat blanks full size (one unit an inch) and as wide as the coil, one beside the other, in rows: groups cut, bend and notch in each. */
final readonly class BlanksSvg
{
    private const APART = 12.0;

    /** Room (in) for the names under a row. */
    private const UNDER = 8.0;

    /** So wide (px, 96 an inch) a browser still draws it. */
    private const MOST_PX = 30_000.0;

    private const PX = 96.0;

    private const STYLE = 'g{fill:none;stroke:#000;stroke-width:.06}.bend{stroke-dasharray:.6 .4}.notch{stroke-width:.18}text{font:2px sans-serif}';

    public function __construct(private FlatBlanks $blanks, private Words $words)
    {
    }

    public function write(Plan $plan, ?string $piece = null): string
    {
        $parts = '';
        [$wide, $high] = [1.0, 0.0];
        foreach ($this->rows($this->blanks->of($plan, $piece)) as $row) {
            $foot = $high + max(array_map(static fn (array $b): float => $b[0]->length, $row));
            $left = 0.0;
            foreach ($row as [$blank, $name]) {
                $parts .= $this->blank($blank, $left, $foot, $name);
                $left += $blank->width + self::APART;
            }
            $wide = max($wide, $left - self::APART);
            $high = $foot + self::UNDER;
        }
        $size = sprintf('%.4F %.4F', $wide, max(1.0, $high));
        [$width, $height] = explode(' ', $size);

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}in\" height=\"{$height}in\" viewBox=\"0 0 $size\"><style>".self::STYLE."</style>$parts</svg>\n";
    }

    /**
     * @param  list<array{FlatBlank, string}>  $blanks
     * @return list<non-empty-list<array{FlatBlank, string}>> side by side, as far as a screen can draw them
     */
    private function rows(array $blanks): array
    {
        $rows = [];
        $wide = INF;
        foreach ($blanks as $one) {
            $wide += self::APART + $one[0]->width;
            if ($wide > self::MOST_PX / self::PX) {
                $rows[] = [$one];
                $wide = $one[0]->width;
            } else {
                $rows[array_key_last($rows)][] = $one;
            }
        }

        return $rows;
    }

    private function blank(FlatBlank $blank, float $left, float $height, string $name): string
    {
        // The page runs down, the blank up.
        $at = static fn (Point $p): string => sprintf('%.4F,%.4F', $p->u + $left, $height - $p->v);
        $loops = implode('', array_map(static fn (Polygon $loop): string => '<polygon points="'.implode(' ', array_map($at, $loop->corners)).'"/>', [$blank->outline, ...$blank->holes]));
        $lines = static fn (MarkKind $kind): string => implode('', array_map(
            static fn (Line $line): string => '<path d="M'.$at($line->from).' L'.$at($line->to).'"/>',
            array_filter($blank->lines, static fn (Line $line): bool => $line->kind === $kind),
        ));

        return sprintf(
            '<g id="%s"><g class="cut">%s</g><g class="bend">%s</g><g class="notch">%s</g><text x="%.4F" y="%.4F" fill="#000" stroke="none">%s</text></g>',
            e($blank->panel), $loops, $lines(MarkKind::Bend), $lines(MarkKind::Notch), $left, $height + 3.0, e($blank->legsLaidFlat ? $name : $name.' · '.$this->words->say('blanks.as-formed')),
        );
    }
}
