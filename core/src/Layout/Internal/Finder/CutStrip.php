<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Layout\PieceCutter;

/**
 * A strip of any face: its pieces are cut. Between two places where a sheet has the same sides one after the other, and
 * the same corners for its head and its foot, every corner runs evenly: it is where two straight lines meet, of which some
 * are led across. Only what is hidden by a tolerance right at a place may show between.
 */
final readonly class CutStrip implements StripTakes
{
    /** Corners that differ by less (in) lie on one level. */
    private const LEVEL = 1e-9;

    public function __construct(private PieceCutter $pieces)
    {
    }

    public function at(float $u): Taken
    {
        $inches = 0.0;
        $shape = '';
        $sheets = $this->pieces->sheets($u);
        foreach ($sheets as $sheet) {
            $bounds = $sheet->bounds();
            $inches += $bounds->height();
            $shape .= implode(',', $sheet->tags).'/'.self::first($sheet, $bounds->top).'/'.self::first($sheet, $bounds->bottom).' ';
        }

        return new Taken(count($sheets), $inches, $shape);
    }

    /** The first corner on a level. */
    private static function first(Polygon $sheet, float $v): int
    {
        foreach ($sheet->corners as $i => $corner) {
            if (abs($corner->v - $v) < self::LEVEL) {
                return $i;
            }
        }

        return -1;
    }
}
