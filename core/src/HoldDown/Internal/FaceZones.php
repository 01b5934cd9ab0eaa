<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\ConvexClip;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\HoldDown\WindZone;
use Imbrex\Core\Roof\Face;

/** The zones of one face: strips along its eaves, rakes, ridges and hips, corners where strips cross, field between. */
final readonly class FaceZones
{
    /** Flatter roofs (degrees) have no strip along ridge and hip. */
    private const RIDGED = 7.0;

    private const OPEN = [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Peak];

    private const RIDGES = [EdgeKind::Ridge, EdgeKind::Hip];

    /** @param  list<Band>  $bands */
    private function __construct(private array $bands, private Polygon $outline)
    {
    }

    /** @param  float  $width  of the strips on the level, inches */
    public static function of(Face $face, float $width): self
    {
        $degrees = $face->pitch->degrees();
        $kinds = $degrees > self::RIDGED ? [...self::OPEN, ...self::RIDGES] : self::OPEN;
        $bands = [];
        foreach ($face->outline->corners as $side => $from) {
            if (in_array($face->edges[$side] ?? null, $kinds, true)) {
                $bands[] = Band::along($from, $face->outline->corner($side + 1), $width, cos(deg2rad($degrees)));
            }
        }

        return new self($bands, $face->outline);
    }

    /**
     * The zones a line straight up the slope runs through.
     *
     * @return non-empty-list<array{float, float, WindZone}> from where to where, inches up the deck
     */
    public function up(float $u, float $from, float $to): array
    {
        $stretches = [];
        foreach ($this->bands as $band) {
            $within = $band->upAt($u);
            if ($within !== null && $within[1] > $from && $within[0] < $to) {
                $stretches[] = [$within[0], $within[1], $band];
            }
        }
        $cuts = [$from, $to];
        foreach ($stretches as [$low, $high]) {
            array_push($cuts, max($from, $low), min($to, $high));
        }
        sort($cuts);
        $zones = [];
        foreach (array_slice($cuts, 1) as $i => $high) {
            if ($high - $cuts[$i] < 1e-6) {
                continue;
            }
            $zone = self::zone($stretches, ($cuts[$i] + $high) / 2.0);
            $last = count($zones) - 1;
            if ($last >= 0 && $zones[$last][2] === $zone) {
                $zones[$last][1] = $high;
            } else {
                $zones[] = [$cuts[$i], $high, $zone];
            }
        }

        return $zones === [] ? [[$from, $to, self::zone($stretches, ($from + $to) / 2.0)]] : $zones;
    }

    public function at(Point $deck): WindZone
    {
        return array_reduce(array_column($this->up($deck->u, $deck->v - Tolerance::ON_LINE, $deck->v + Tolerance::ON_LINE), 2), static fn (WindZone $hardest, WindZone $here): WindZone => $hardest->harder($here), WindZone::Field);
    }

    /** @return list<array{WindZone, list<Point>}> outlines on the deck: strips, and over them corners; the rest is field */
    public function outlines(): array
    {
        $outlines = [];
        foreach ($this->bands as $band) {
            $outlines[] = [WindZone::Edge, ConvexClip::within($this->outline->corners, $band->corners())];
        }
        foreach ($this->bands as $i => $band) {
            foreach (array_slice($this->bands, $i + 1) as $other) {
                if ($band->crosses($other)) {
                    $outlines[] = [WindZone::Corner, ConvexClip::within(ConvexClip::within($this->outline->corners, $band->corners()), $other->corners())];
                }
            }
        }

        return array_values(array_filter($outlines, static fn (array $one): bool => count($one[1]) > 2));
    }

    /** @param  list<array{float, float, Band}>  $stretches */
    private static function zone(array $stretches, float $v): WindZone
    {
        $here = array_values(array_filter($stretches, static fn (array $one): bool => $one[0] <= $v && $one[1] >= $v));
        foreach ($here as $i => [, , $band]) {
            foreach (array_slice($here, $i + 1) as [, , $other]) {
                if ($band->crosses($other)) {
                    return WindZone::Corner;
                }
            }
        }

        return $here === [] ? WindZone::Field : WindZone::Edge;
    }
}
