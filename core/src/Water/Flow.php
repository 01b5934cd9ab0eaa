<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

/** All that reaches one valley, pan, opening or eave. */
final readonly class Flow
{
    private const FOOT = 12.0;

    /** Of what a foot takes: less is no difference. */
    private const ALIKE = 0.05;

    /**
     * @param  'valley'|'opening'|'eave'|'pan'  $of
     * @param  string  $id  of the edge, the opening or the pan (`hall.S-28`)
     * @param  float  $squareFeet  of roof in plan
     * @param  float  $gallons  a minute
     * @param  float|null  $depth  inches; null of what is no channel
     * @param  float|null  $wetted  of a valley: up its fuller side along the metal; of a pan its width; inches
     * @param  float|null  $room  of a valley: from the water to the panel; of a pan: up to the seam's top; inches
     * @param  bool  $jumps  whether the fuller side of a valley goes over its crimp
     * @param  array<string, float>  $shares  square feet by the face they come from; of a valley
     * @param  list<array{float, float, float}>  $along  of an eave: from where to where, inches from its left end looking up-slope, and the square feet that leave there; what a valley brings at one place
     * @param  float  $poured  square feet that come onto it from a valley, a higher roof or round an opening
     */
    public function __construct(public string $of, public string $id, public float $squareFeet, public float $gallons, public ?float $depth = null, public ?float $wetted = null, public ?float $room = null, public bool $jumps = false, public array $shares = [], public array $along = [], public float $poured = 0.0)
    {
    }

    /**
     * What each outlet of a level gutter takes: water runs to the nearer one.
     *
     * @param  non-empty-list<float>  $outlets  inches from the left end, rising
     * @return non-empty-list<float> square feet, an outlet each
     */
    public function byOutlet(array $outlets): array
    {
        return array_map(function (float $at, int $i) use ($outlets): float {
            $low = $i === 0 ? -INF : ($outlets[$i - 1] + $at) / 2.0;
            $high = isset($outlets[$i + 1]) ? ($at + $outlets[$i + 1]) / 2.0 : INF;
            $share = 0.0;
            foreach ($this->along as [$from, $to, $squareFeet]) {
                $share += $squareFeet * ($to - $from < 1e-6 ? (float) ($from >= $low && $from < $high) : max(0.0, min($to, $high) - max($from, $low)) / ($to - $from));
            }

            return $share;
        }, $outlets, array_keys($outlets));
    }

    /** @return list<array{float, float, float}> stretches of an eave that take alike: from where to where, and square feet a foot; at one place all of it */
    public function stretches(): array
    {
        $stretches = [];
        foreach ($this->along as [$from, $to, $squareFeet]) {
            $last = count($stretches) - 1;
            $isPlace = $to - $from < 1e-6;
            $takes = $isPlace ? $squareFeet : $squareFeet / ($to - $from) * self::FOOT;
            if ($last >= 0 && $isPlace && abs($stretches[$last][0] - $from) < self::FOOT && $stretches[$last][1] === $stretches[$last][0]) {
                $stretches[$last][2] += $takes;
            } elseif ($last >= 0 && ! $isPlace && $stretches[$last][1] > $stretches[$last][0] && abs($stretches[$last][2] - $takes) < self::ALIKE * $takes) {
                $stretches[$last][1] = $to;
            } else {
                $stretches[] = [$from, $to, $takes];
            }
        }

        return $stretches;
    }
}
