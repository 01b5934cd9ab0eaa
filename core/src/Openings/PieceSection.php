<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;

/** A cut through an opening up the slope, in its middle: what of each piece it meets. Drawn with u up the slope from the low side and v square to the deck, inches. */
final readonly class PieceSection
{
    /**
     * @param  list<LyingPiece>  $lying  panels and others that are cut elsewhere
     * @return list<array{Point, Point}>
     */
    public static function of(OpeningPiece $piece, float $x, array $lying): array
    {
        $lines = [];
        foreach ($piece->parts as $part) {
            $line = self::through($part->stands(), $x);
            if ($line !== null) {
                $lines[] = $line;
            }
        }
        foreach ($piece->parts === [] ? $lying : [] as $one) {
            if ($one->role === $piece->role && $x > $one->left && $x < $one->right) {
                $lines[] = [new Point($one->bottom, 0.0), new Point($one->top, 0.0)];
            }
        }

        return $lines;
    }

    /**
     * @param  list<Vector>  $corners  of something flat
     * @return array{Point, Point}|null
     */
    public static function through(array $corners, float $x): ?array
    {
        $points = [];
        foreach ($corners as $i => $a) {
            $b = $corners[($i + 1) % count($corners)];
            if (($a->x - $x) * ($b->x - $x) < 0.0) {
                $share = ($x - $a->x) / ($b->x - $a->x);
                $at = $a->plus($b->plus($a, -1.0), $share);
                $points[] = new Point($at->y, $at->z);
            }
        }

        return count($points) < 2 ? null : [$points[0], $points[1]];
    }
}
