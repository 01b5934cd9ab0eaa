<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Trims\EndKind;
use Imbrex\Core\Trims\Ends\EndCut;

/** Where one length of a trim goes on in the next: the hems of the one below are cut back by the lap, so that they slide together (trade practice). */
final class LapEnd
{
    /**
     * @param  float  $lap  inches; none where they butt
     * @param  bool  $isUnder  whether the other lies over it
     */
    public static function of(PlacedShape $shape, float $lap, bool $isUnder, bool $isLeft): EndCut
    {
        $kind = $lap <= 0.0 ? EndKind::Plain : ($isUnder ? EndKind::LapUnder : EndKind::LapOver);
        $strips = array_map(static fn (FlatStrip $strip): StripEnd => StripEnd::part($strip->low, $strip->high, $kind === EndKind::LapUnder && $strip->leg === null ? -$lap : 0.0), $shape->strips);
        assert($strips !== []);

        return EndCut::of($kind, $strips, $shape->bends, [], $isLeft);
    }
}
