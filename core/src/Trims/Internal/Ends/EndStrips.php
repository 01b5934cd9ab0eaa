<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Rules\RuleSet;

/** How the strips of a trim's flat end at a place of the roof. */
abstract class EndStrips
{
    /** A tab is narrower by this (in) at its end, so that it slips in. */
    public const TAPER = 0.25;

    public function __construct(protected readonly PlacedShape $shape, protected readonly EndPlace $place, private readonly RuleSet $rules)
    {
    }

    /** @return non-empty-list<StripEnd> from the low edge of the flat to the high one */
    abstract public function strips(): array;

    /** @return list<array{MarkKind, array{float, float}, array{float, float}}> lines its tabs do not tell: across the flat and beyond the place */
    abstract public function lines(): array;

    /** A house rule of trims, inches. */
    protected function rule(string $key): float
    {
        return $this->rules->number("trim.$key");
    }

    /**
     * @param  callable(FlatStrip): StripEnd  $end
     * @return non-empty-list<StripEnd>
     */
    protected function strip(callable $end): array
    {
        $ends = array_map($end, $this->shape->strips);
        assert($ends !== []);

        return $ends;
    }

    /** @return non-empty-list<StripEnd> */
    protected function square(float $at): array
    {
        return $this->strip(static fn (FlatStrip $strip): StripEnd => StripEnd::part($strip->low, $strip->high, $at));
    }

    protected function byPlane(FlatStrip $strip, EndPlane $plane, float $more = 0.0): StripEnd
    {
        return StripEnd::cut($strip, $plane->at($strip->from) + $more, $plane->at($strip->to) + $more);
    }
}
