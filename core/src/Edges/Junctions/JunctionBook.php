<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Junctions;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;

/**
 * Every junction that ships. Its point is at 0, 0 of a sheet into which roof, fascias and walls are unfolded, y up the roof;
 * inches, sizes after the catalogue's trim shapes. In what order pieces go on is trade practice.
 */
final class JunctionBook
{
    private const R = JunctionRun::REACH;

    /** Faces, flanges, nose and cap legs, inches. */
    private const FACE = 3.75;

    private const FLANGE = 4.0;

    private const CAP = 6.5;

    private const PAN = 10.5;

    private const WALL = 4.0;

    private const FOOT = 4.5;

    private const RAKE = 5.5;

    public static function of(JunctionKind $kind): Junction
    {
        /** @var array<string, Junction> $made data never changes while the program runs */
        static $made = [];

        return $made[$kind->value] ??= match ($kind) {
            JunctionKind::EaveRake => self::eaveRake(),
            JunctionKind::EaveValley => self::eaveCorner(JunctionKind::EaveValley),
            JunctionKind::EaveHip => self::eaveCorner(JunctionKind::EaveHip),
            JunctionKind::RakeRidge => self::rakeRidge(),
            JunctionKind::RakeHeadwall => self::rakeHeadwall(),
            JunctionKind::HipRidge => self::hipRidge(),
            JunctionKind::HipHip => self::hipHip(),
            JunctionKind::ValleyPeak => self::valleyHead(JunctionKind::ValleyPeak),
            JunctionKind::LowRidgeSlope => self::valleyHead(JunctionKind::LowRidgeSlope),
            JunctionKind::LowRidgeWall => self::ridgeWall(),
            JunctionKind::OutsideCorner => self::outsideCorner(),
            JunctionKind::InsideCorner => self::insideCorner(),
            JunctionKind::SidewallEave => self::sidewallEave(),
            JunctionKind::ValleyHeadwall => self::valleyHeadwall(),
        };
    }

    private static function eaveRake(): Junction
    {
        $r = self::R;

        return new Junction(JunctionKind::EaveRake, [
            new Zone(self::box(0, -$r, $r, $r), 1.0, 0.0, true),
            new Zone(self::box(-$r, -$r, 0, 0), 0.0, -1.0, true),
            new Zone(self::box(-$r, 0, 0, $r), 0.0, -1.0),
        ], [
            new Piece('eave-trim', [self::box(-$r, -self::FACE, 1, self::FLANGE)]),
            new Piece('panel', [self::box(-$r, -1, 0, $r)]),
            new Piece('rake-trim', [self::box(-2, -1.25, self::RAKE, $r)]),
        ]);
    }

    /** Two eaves at a corner, which turn in at a valley and out at a hip; both run at 45° on the sheet. */
    private static function eaveCorner(JunctionKind $kind): Junction
    {
        $r = self::R;
        $turnsIn = $kind === JunctionKind::EaveValley;
        $d = M_SQRT1_2;
        // Square to the left eave into the roof, and along it away from the corner.
        [$in, $out] = $turnsIn ? [new Point(-$d, $d), new Point(-$d, -$d)] : [new Point($d, $d), new Point(-$d, $d)];
        // Mitred where the two meet.
        $at = static fn (float $along, float $off): array => [$along * $out->u + $off * $in->u, $along * $out->v + $off * $in->v];
        $mitre = static fn (float $off): array => $at($turnsIn ? -$off : $off, $off);
        $trim = self::sound([$mitre(-self::FACE), $at(2 * $r, -self::FACE), $at(2 * $r, self::FLANGE), $mitre(self::FLANGE)]);
        $mirrored = static fn (Polygon $polygon): Polygon => self::sound(array_map(static fn (Point $p): array => [-$p->u, $p->v], $polygon->corners));
        $flow = $turnsIn ? [$d, -$d] : [-$d, -$d];
        $field = $turnsIn
            ? self::sound([[-4, -6], [-4, $r], [-$r, $r], [-$r, -$r - 1.5], [-$r + 0.5, -$r - 1.5]])
            : self::sound([[-0.5, 0.5], [-0.5, $r], [-$r, $r], [-$r, $r - 1.4], [-2, 0.6]]);
        $air = $turnsIn ? self::sound([[0, 0], [-$r, -$r], [-$r, -$r - 1], [$r, -$r - 1], [$r, -$r]]) : self::sound([[0, 0], [-$r, $r], [-$r, -$r], [$r, -$r], [$r, $r]]);
        $zones = [
            new Zone($air, 0.0, -1.0, true),
            ...($turnsIn ? [new Zone(self::box(-0.5, -$r, 0.5, $r), 0.0, -1.0)] : []),
            new Zone(self::box(-$r, -$r, 0, $r), $flow[0], $flow[1]),
            new Zone(self::box(0, -$r, $r, $r), -$flow[0], $flow[1]),
        ];
        $over = $turnsIn ? new Piece('valley-pan', [self::box(-self::PAN, -2, self::PAN, $r)]) : new Piece('hip-cap', [self::box(-self::CAP, 0, self::CAP, $r)]);
        $panels = [new Piece('panel', [$field]), new Piece('panel-far', [$mirrored($field)])];
        $trims = [new Piece('eave-trim', [$trim]), new Piece('eave-trim-far', [$mirrored($trim)])];

        return new Junction($kind, $zones, $turnsIn ? [...$trims, $over, ...$panels] : [...$trims, ...$panels, $over]);
    }

    private static function rakeRidge(): Junction
    {
        $r = self::R;

        return new Junction(JunctionKind::RakeRidge, [
            new Zone(self::box(0, -$r, $r, $r), 1.0, 0.0, true),
            new Zone(self::box(-$r, -$r, 0, 0), 0.0, -1.0),
            new Zone(self::box(-$r, 0, 0, $r), 0.0, 1.0),
        ], [
            new Piece('panel', [self::box(-$r, -$r, 0, -0.5)]),
            new Piece('panel-far', [self::box(-$r, 0.5, 0, $r)]),
            new Piece('rake-trim', [self::box(-2, -$r, self::RAKE, -0.5)]),
            new Piece('rake-trim-far', [self::box(-2, 0.5, self::RAKE, $r)]),
            new Piece('ridge-cap', [self::box(-$r, -self::CAP, 4, self::CAP)]),
        ]);
    }

    private static function rakeHeadwall(): Junction
    {
        $r = self::R;

        return new Junction(JunctionKind::RakeHeadwall, [
            new Zone(self::box(0, -$r, $r, 0), 1.0, 0.0, true),
            new Zone(self::box(-$r, -$r, 1, $r), 0.0, -1.0),
        ], [
            new Piece('panel', [self::box(-$r, -$r, 0, -1)]),
            new Piece('rake-trim', [self::box(-2, -$r, self::RAKE, -0.5)]),
            new Piece('headwall-flashing', [self::box(-$r, -self::FOOT, 1, self::WALL)]),
            new Piece('siding', [self::box(-$r, 2, 1, $r)]),
        ]);
    }

    private static function hipRidge(): Junction
    {
        $r = self::R;
        $hip = static fn (int $side): Polygon => self::sound([[0, 0], [9, 0], [$r, $side * ($r - 9.0)], [$r, $side * $r], [$r - 9.0, $side * $r], [0, $side * 9.0], [-3, $side * 3.0]]);

        return new Junction(JunctionKind::HipRidge, [
            new Zone(self::sound([[0, 0], [$r, -$r], [$r, $r]]), 1.0, 0.0),
            new Zone(self::box(-$r, -$r, $r, 0), 0.0, -1.0),
            new Zone(self::box(-$r, 0, $r, $r), 0.0, 1.0),
        ], [
            // Held back from hips and ridge on all three faces.
            new Piece('panel', [self::sound([[-$r, -0.5], [-0.2, -0.5], [$r - 0.7, -$r], [-$r, -$r]]), self::sound([[-$r, 0.5], [-0.2, 0.5], [$r - 0.7, $r], [-$r, $r]]), self::sound([[0.7, 0], [$r, $r - 0.7], [$r, -$r + 0.7]])]),
            new Piece('hip-cap', [$hip(-1)]),
            new Piece('hip-cap-far', [$hip(1)]),
            new Piece('ridge-cap', [self::box(-$r, -self::CAP, 3, self::CAP)]),
        ]);
    }

    private static function hipHip(): Junction
    {
        $r = self::R;
        $arm = static fn (int $x, int $y): Polygon => self::sound([[$x * 0.5, $y * 0.5], [$x * 0.5, 0], [$x * 9.0, 0], [$x * $r, $y * ($r - 9.0)], [$x * $r, $y * $r], [$x * ($r - 9.0), $y * $r], [0, $y * 9.0], [0, $y * 0.5]]);

        // Held back from the hips on all four faces; each points along x or y.
        $face = static fn (int $x, int $y): Polygon => self::sound([[0.7 * $x, 0.7 * $y], [$x * $r + $y * ($r - 0.7), $y * $r + $x * ($r - 0.7)], [$x * $r - $y * ($r - 0.7), $y * $r - $x * ($r - 0.7)]]);

        return new Junction(JunctionKind::HipHip, [
            new Zone(self::sound([[0, 0], [$r, -$r], [$r, $r]]), 1.0, 0.0),
            new Zone(self::sound([[0, 0], [-$r, $r], [-$r, -$r]]), -1.0, 0.0),
            new Zone(self::box(-$r, -$r, $r, 0), 0.0, -1.0),
            new Zone(self::box(-$r, 0, $r, $r), 0.0, 1.0),
        ], [
            new Piece('panel', [$face(1, 0), $face(-1, 0), $face(0, 1), $face(0, -1)]),
            new Piece('hip-cap', [$arm(1, 1), $arm(-1, -1)]),
            new Piece('hip-cap-far', [$arm(1, -1), $arm(-1, 1)]),
            new Piece('point-cover', [self::box(-self::CAP, -self::CAP, self::CAP, self::CAP)]),
        ]);
    }

    /** Two valleys that end under a ridge: at a peak under a ridge that runs across, or where a low ridge runs into a slope. */
    private static function valleyHead(JunctionKind $kind): Junction
    {
        $r = self::R;
        $peak = $kind === JunctionKind::ValleyPeak;
        $d = M_SQRT1_2;
        $top = $peak ? 0.0 : $r;
        // The valleys run along x = ±y; widths are taken across the sheet.
        $pan = static fn (int $side): Polygon => self::sound([[0, 0], [$side * 5.0, $peak ? 0.0 : 5.0], [$side * 10.0, 0], [$side * $r, -$r + 10.0], [$side * $r, -$r], [$side * ($r - 10.0), -$r], [0, -10.0]]);
        $slope = static fn (int $side): Polygon => self::sound([[$side * 5.7, $peak ? 0.0 : 3.0], [$side * $r, $peak ? 0.0 : 3.0], [$side * $r, -$r + 5.7], [$side * 5.7, 0]]);
        $wing = static fn (int $side): Polygon => self::sound([[0, -5.7], [$side * ($r - 5.7), -$r], [0, -$r]]);
        $trough = static fn (int $side): Zone => new Zone(self::sound([[0, 0.6], [$side * $r, -$r + 0.6], [$side * $r, -$r - 0.6], [0, -0.6]]), $side * $d, -$d);
        $zones = [
            $peak ? new Zone(self::box(-$r, 0, $r, $r), 0.0, 1.0) : new Zone(self::box(-$r, 1, $r, $r), 0.0, -1.0),
            $trough(1),
            $trough(-1),
            new Zone(self::sound([[0, 0], [0, -$r], [$r, -$r]]), 1.0, 0.0),
            new Zone(self::sound([[0, 0], [-$r, -$r], [0, -$r]]), -1.0, 0.0),
            new Zone(self::box(-$r, -$r, $r, $top), 0.0, -1.0),
        ];
        $pieces = [
            new Piece('valley-pan', [$pan(-1)]),
            new Piece('valley-pan-far', [$pan(1)]),
            new Piece('panel', [$slope(-1), $slope(1)]),
            new Piece('panel-far', [$wing(-1), $wing(1)]),
            new Piece('ridge-cap', [self::box(-self::CAP, -$r, self::CAP, $peak ? -2.0 : 3.0)]),
        ];

        return new Junction($kind, $zones, $peak
            ? [...$pieces, new Piece('panel-beyond', [self::box(-$r, 0.5, $r, $r)]), new Piece('main-cap', [self::box(-$r, -self::CAP, $r, self::CAP)])]
            : [...$pieces, new Piece('panel-above', [self::box(-$r, 1, $r, $r)])]);
    }

    private static function ridgeWall(): Junction
    {
        $r = self::R;

        return new Junction(JunctionKind::LowRidgeWall, [
            new Zone(self::box(-$r, 0, $r, $r), 0.0, -1.0),
            new Zone(self::box(-$r, -$r, 0, 0), -1.0, 0.0),
            new Zone(self::box(0, -$r, $r, 0), 1.0, 0.0),
        ], [
            new Piece('panel', [self::box(-$r, -$r, 0, 1)]),
            new Piece('panel-far', [self::box(0, -$r, $r, 1)]),
            new Piece('sidewall-flashing', [self::box(-$r, -3, $r, self::WALL)]),
            new Piece('ridge-cap', [self::box(-self::CAP, -$r, self::CAP, self::WALL)]),
            new Piece('counterflashing', [self::box(-$r, 2, $r, 8)]),
            new Piece('siding', [self::box(-$r, 6, $r, $r)]),
        ]);
    }

    /** Roof below and to the left of two walls: the corner of a dormer or a chimney. */
    private static function outsideCorner(): Junction
    {
        $r = self::R;

        return new Junction(JunctionKind::OutsideCorner, [
            new Zone(self::sound([[0, 0], [$r, 0], [$r, $r]]), 0.0, -1.0),
            new Zone(self::sound([[0, 0], [$r, $r], [0, $r]]), -1.0, 0.0),
            new Zone(self::box(-$r, -$r, $r, $r), 0.0, -1.0),
        ], [
            new Piece('panel', [self::sound([[-$r, -$r], [$r, -$r], [$r, -1], [-0.5, -1], [-0.5, $r], [-$r, $r]])]),
            new Piece('headwall-flashing', [self::sound([[-2.9, -self::FOOT], [$r, -self::FOOT], [$r, self::WALL], [self::WALL, self::WALL], [0.5, 0.5], [-2.9, 0.5]])]),
            new Piece('sidewall-flashing', [self::sound([[-3, -3], [0, -3], [0, 0], [self::WALL, self::WALL], [self::WALL, $r], [-3, $r]])]),
            new Piece('siding', [self::sound([[2, 2], [$r, 2], [$r, $r], [2, $r]])]),
        ]);
    }

    /** Roof in the corner of two walls: one above it, one beside it. */
    private static function insideCorner(): Junction
    {
        $r = self::R;

        return new Junction(JunctionKind::InsideCorner, [
            new Zone(self::box(0, -$r, $r, $r), -1.0, 0.0),
            new Zone(self::box(-$r, -$r, 0, $r), 0.0, -1.0),
        ], [
            new Piece('panel', [self::box(-$r, -$r, -0.5, -1)]),
            new Piece('sidewall-flashing', [self::box(-3, -$r, self::WALL, 1)]),
            new Piece('headwall-flashing', [self::box(-$r, -self::FOOT, self::WALL, self::WALL)]),
            new Piece('siding', [self::box(-$r, 2, $r, $r), self::box(2, -$r, $r, 2)]),
        ]);
    }

    private static function sidewallEave(): Junction
    {
        $r = self::R;

        return new Junction(JunctionKind::SidewallEave, [
            new Zone(self::box(0, 0, $r, $r), -1.0, 0.0),
            new Zone(self::box(-$r, -$r, $r, 0), 0.0, -1.0, true),
            new Zone(self::box(-$r, 0, 0, $r), 0.0, -1.0),
        ], [
            new Piece('eave-trim', [self::box(-$r, -self::FACE, 0, self::FLANGE)]),
            new Piece('panel', [self::box(-$r, -1, -0.5, $r)]),
            new Piece('kick-out', [self::box(-3, -2, self::WALL, 8)]),
            new Piece('sidewall-flashing', [self::box(-3, 6, self::WALL, $r)]),
            new Piece('siding', [self::box(2, 0, $r, $r)]),
        ]);
    }

    /** A valley that comes down on the corner of a wall, and runs on beside it. */
    private static function valleyHeadwall(): Junction
    {
        $r = self::R;

        return new Junction(JunctionKind::ValleyHeadwall, [
            new Zone(self::box(0, -$r, $r, 0), -1.0, 0.0),
            // Behind the wall the valley leads aside.
            new Zone(self::box(0, 0, $r, 10), -1.0, 0.0),
            new Zone(self::box(-$r, -$r, $r, $r), 0.0, -1.0),
        ], [
            new Piece('panel', [self::box(-$r, -$r, -0.5, 2)]),
            new Piece('sidewall-flashing', [self::box(-3, -$r, self::WALL, 2)]),
            new Piece('valley-pan', [self::sound([[-self::PAN, -3], [self::WALL, -3], [self::WALL, 0], [$r, 0], [$r, 14], [-self::PAN, 14]])]),
            new Piece('siding', [self::box(2, -$r, $r, 0)]),
            new Piece('panel-above', [self::box(-$r, 10, $r, $r), self::box(-$r, -2, -7, 12)]),
        ]);
    }

    private static function box(float $left, float $bottom, float $right, float $top): Polygon
    {
        return self::sound([[$left, $bottom], [$right, $bottom], [$right, $top], [$left, $top]]);
    }

    /** @param  list<array{float, float}>  $corners  either way round */
    private static function sound(array $corners): Polygon
    {
        $points = array_map(static fn (array $corner): Point => new Point((float) $corner[0], (float) $corner[1]), $corners);
        $area = 0.0;
        foreach ($points as $i => $point) {
            $next = $points[($i + 1) % count($points)];
            $area += $point->u * $next->v - $next->u * $point->v;
        }

        return Polygon::sound($area < 0.0 ? array_reverse($points) : $points);
    }
}
