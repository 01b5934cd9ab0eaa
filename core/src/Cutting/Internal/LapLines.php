<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Ground\Geometry\Tolerance;

/**
 * Where laps can lie on a panel so that no length of it is too long or too short and no lap comes near an opening. What
 * the first laps can reach is kept as stretches; the lines are then chosen from the top down, each as near as it can be
 * to where one would like it. v in inches up the slope.
 */
final readonly class LapLines
{
    /**
     * @param  float  $least  of a length, the part that lies under the next one included; `$most` the same
     * @param  list<array{float, float}>  $blocked  from and to: no lap begins between them
     */
    public function __construct(private float $bottom, private float $top, private float $lap, private float $least, private float $most, private array $blocked)
    {
    }

    /**
     * @param  list<float>  $wanted  where one would like them, from the bottom up
     * @return list<float>|null null where so many lines cannot be placed
     */
    public function near(array $wanted): ?array
    {
        $reach = [[[$this->bottom, $this->bottom]]];
        foreach ($wanted as $i => $_) {
            $reach[] = $this->free(array_map(fn (array $stretch): array => [$stretch[0] + $this->least - $this->lap, $stretch[1] + $this->most - $this->lap], $reach[$i]));
        }
        $lines = [];
        [$low, $high] = [$this->top - $this->most, $this->top - $this->least];
        for ($i = count($wanted); $i > 0; $i--) {
            $line = $this->nearest($wanted[$i - 1], $reach[$i], $low, $high);
            if ($line === null) {
                return null;
            }
            array_unshift($lines, $line);
            [$low, $high] = [$line - $this->most + $this->lap, $line - $this->least + $this->lap];
        }

        return $lines;
    }

    /**
     * The stretches less what is blocked.
     *
     * @param  list<array{float, float}>  $stretches
     * @return list<array{float, float}>
     */
    private function free(array $stretches): array
    {
        foreach ($this->blocked as [$from, $to]) {
            $left = [];
            foreach ($stretches as [$low, $high]) {
                if ($from >= $high || $to <= $low) {
                    $left[] = [$low, $high];

                    continue;
                }
                if ($from >= $low) {
                    $left[] = [$low, $from];
                }
                if ($to <= $high) {
                    $left[] = [$to, $high];
                }
            }
            $stretches = $left;
        }

        return $stretches;
    }

    /** @param  list<array{float, float}>  $stretches */
    private function nearest(float $wanted, array $stretches, float $low, float $high): ?float
    {
        $best = null;
        foreach ($stretches as [$from, $to]) {
            [$from, $to] = [max($from, $low), min($to, $high)];
            if ($from <= $to + Tolerance::LENGTH) {
                $at = max($from, min($to, $wanted));
                $best = $best === null || abs($at - $wanted) < abs($best - $wanted) ? $at : $best;
            }
        }

        return $best;
    }
}
