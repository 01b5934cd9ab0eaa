<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Junctions;

use Imbrex\Core\Ground\Catalogue\EdgeKind;

/** Where edges meet, by what meets there. */
enum JunctionKind: string
{
    case EaveRake = 'eave-rake';
    case EaveValley = 'eave-valley';
    case EaveHip = 'eave-hip';
    case RakeRidge = 'rake-ridge';
    case RakeHeadwall = 'rake-headwall';
    case HipRidge = 'hip-ridge';
    case HipHip = 'hip-hip';
    case ValleyPeak = 'valley-peak';
    case LowRidgeSlope = 'low-ridge-slope';
    case LowRidgeWall = 'low-ridge-wall';
    case OutsideCorner = 'outside-corner';
    case InsideCorner = 'inside-corner';
    case SidewallEave = 'sidewall-eave';
    case ValleyHeadwall = 'valley-headwall';

    /**
     * What it is called where edges of these kinds end in one point; null where none of the known junctions stands there.
     *
     * @param  list<EdgeKind>  $meeting  a kind for each edge that ends there
     * @param  bool  $wallsTurnIn  where two walls meet: whether the roof lies in their corner
     */
    public static function of(array $meeting, bool $wallsTurnIn): ?self
    {
        $count = array_count_values(array_column($meeting, 'value'));
        $has = static fn (EdgeKind $kind, int $least = 1): bool => ($count[$kind->value] ?? 0) >= $least;

        return match (true) {
            $has(EdgeKind::Headwall) && $has(EdgeKind::Sidewall) => $wallsTurnIn ? self::InsideCorner : self::OutsideCorner,
            $has(EdgeKind::Ridge) && ($has(EdgeKind::Sidewall) || $has(EdgeKind::Headwall)) => self::LowRidgeWall,
            $has(EdgeKind::Valley) && ($has(EdgeKind::Headwall) || ($has(EdgeKind::Sidewall) && ! $has(EdgeKind::Eave))) => self::ValleyHeadwall,
            $has(EdgeKind::Ridge, 2) && $has(EdgeKind::Valley) => self::ValleyPeak,
            $has(EdgeKind::Ridge) && $has(EdgeKind::Valley, 2) => self::LowRidgeSlope,
            $has(EdgeKind::Hip) && $has(EdgeKind::Ridge) => self::HipRidge,
            $has(EdgeKind::Hip, 3) => self::HipHip,
            $has(EdgeKind::Rake) && ($has(EdgeKind::Ridge) || $has(EdgeKind::Peak)) => self::RakeRidge,
            $has(EdgeKind::Rake) && $has(EdgeKind::Headwall) => self::RakeHeadwall,
            $has(EdgeKind::Eave) && $has(EdgeKind::Sidewall) => self::SidewallEave,
            $has(EdgeKind::Eave) && $has(EdgeKind::Valley) => self::EaveValley,
            $has(EdgeKind::Eave) && $has(EdgeKind::Hip) => self::EaveHip,
            $has(EdgeKind::Eave) && $has(EdgeKind::Rake) => self::EaveRake,
            default => null,
        };
    }
}
