<?php

declare(strict_types=1);

namespace App\Stations\Cutting;

use App\Words\Words;
use Imbrex\Core\Cutting\FlatBlank;
use Imbrex\Core\Cutting\Line;
use Imbrex\Core\Cutting\MarkKind;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Plan;

/** Flat blanks full size (one unit an inch) and as wide as the coil, one beside the other: groups cut, bend and notch in each. */
final readonly class BlanksSvg
{
    private const APART = 12.0;

    private const STYLE = 'g{fill:none;stroke:#000;stroke-width:.06}.bend{stroke-dasharray:.6 .4}.notch{stroke-width:.18}text{font:2px sans-serif}';

    public function __construct(private FlatBlanks $blanks, private Words $words)
    {
    }

    public function write(Plan $plan, ?string $piece = null): string
    {
        $blanks = $this->blanks->of($plan, $piece);
        $height = max([1.0, ...array_map(static fn (array $b): float => $b[0]->length, $blanks)]);
        $left = 0.0;
        $parts = '';
        foreach ($blanks as [$blank, $name]) {
            $parts .= $this->blank($blank, $left, $height, $name);
            $left += $blank->width + self::APART;
        }
        $size = sprintf('%.4F %.4F', max(1.0, $left - self::APART), $height + 4.0);
        [$wide, $high] = explode(' ', $size);

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$wide}in\" height=\"{$high}in\" viewBox=\"0 0 $size\"><style>".self::STYLE."</style>$parts</svg>\n";
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
