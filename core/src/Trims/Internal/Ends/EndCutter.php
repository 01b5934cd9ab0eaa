<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Trims\EndKind;
use Imbrex\Core\Trims\Ends\EndCut;
use Imbrex\Core\Trims\Ends\EndFit;

/**
 * Cuts the end of a trim from its shape, the angles of its edge and what it meets there: each line of its flat reaches as far
 * as the fascia's corner, the mitre, the eave or the neighbour's line lets it (trade practice for which tabs and notches).
 */
final readonly class EndCutter
{
    /** Ends of what lies on both faces of its edge. */
    private const CAPS = [EndKind::OverRake, EndKind::OverHips, EndKind::HipFoot, EndKind::HipPoint, EndKind::ValleyFoot, EndKind::SaddleFoot, EndKind::ValleyHead, EndKind::LeftLong];

    /** @param  bool  $isRibbed  whether a ridge's end is closed over ribs */
    public function __construct(private RuleSet $rules, private bool $isRibbed)
    {
    }

    public function cut(PlacedShape $shape, EndPlace $place, ?EndFit $fit): EndCut
    {
        $ends = in_array($place->kind, self::CAPS, true) ? new CapEnds($shape, $place, $this->rules, $this->isRibbed) : new OpenEnds($shape, $place, $this->rules);
        $strips = $ends->strips();

        $lines = $ends->lines();
        if ($fit !== null) {
            $strips = array_map(static fn (StripEnd $strip): StripEnd => $strip->fitted($fit, $shape->girth), $strips);
            $lines = array_map(static fn (array $line): array => [$line[0], self::moved($line[1], $fit, $shape->girth), self::moved($line[2], $fit, $shape->girth)], $lines);
        }

        return EndCut::of($place->kind, $strips, $shape->bends, $lines, $place->isLeft());
    }

    /**
     * @param  array{float, float}  $p  across the flat and beyond the place
     * @return array{float, float}
     */
    private static function moved(array $p, EndFit $fit, float $girth): array
    {
        return [$p[0], $p[1] + $fit->at($p[0], $girth)];
    }
}
