<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

/**
 * Parts chains and rings into pairs. Every blank leads to one other at most and is led to by one at most; of each chain
 * the best set of links is kept in which no blank is used twice, then what is left over is paired, the best first.
 */
final readonly class Chains
{
    /** @param  array<int, int>  $next  by number of the blank that leads */
    public function __construct(private SavingTable $table, private array $next)
    {
    }

    /** @return list<array{int, int}> */
    public function pairs(int $count): array
    {
        $led = array_flip($this->next);
        $done = [];
        $pairs = [];
        // Chains first, from where nobody leads; what remains then are rings.
        foreach ([true, false] as $chains) {
            foreach (array_keys($this->next) as $start) {
                if (isset($done[$start]) || ($chains && isset($led[$start]))) {
                    continue;
                }
                $run = [];
                for ($at = $start; $at !== null && ! isset($done[$at]); $at = $this->next[$at] ?? null) {
                    $done[$at] = true;
                    $run[] = $at;
                }
                array_push($pairs, ...($chains ? $this->best($run) : $this->ofRing($run)));
            }
        }

        return [...$pairs, ...$this->leftOver($pairs, $count)];
    }

    /**
     * @param  list<int>  $ring
     * @return list<array{int, int}> the better of leaving out the link that closes it, or one beside it
     */
    private function ofRing(array $ring): array
    {
        $turned = [...array_slice($ring, 1), $ring[0]];
        [$one, $other] = [$this->best($ring), $this->best($turned)];

        return $this->worth($one) >= $this->worth($other) ? $one : $other;
    }

    /**
     * @param  list<int>  $run
     * @return list<array{int, int}> links of greatest worth, no two beside each other
     */
    private function best(array $run): array
    {
        // At each blank: the most up to there, and the links it takes.
        $most = [[0.0, []], [0.0, []]];
        for ($i = 1; $i < count($run); $i++) {
            $with = $most[$i - 1][0] + $this->table->between($run[$i - 1], $run[$i]);
            $most[] = $with > $most[$i][0] ? [$with, [...$most[$i - 1][1], [$run[$i - 1], $run[$i]]]] : $most[$i];
        }

        return $most[count($most) - 1][1];
    }

    /** @param  list<array{int, int}>  $pairs */
    private function worth(array $pairs): float
    {
        return array_sum(array_map(fn (array $pair): float => $this->table->between(...$pair), $pairs));
    }

    /**
     * @param  list<array{int, int}>  $pairs
     * @return list<array{int, int}>
     */
    private function leftOver(array $pairs, int $count): array
    {
        $free = array_values(array_diff(range(0, $count - 1), array_merge(...$pairs)));
        $links = [];
        foreach ($free as $i => $one) {
            foreach (array_slice($free, $i + 1) as $other) {
                $saved = $this->table->between($one, $other);
                if ($saved > 0.0) {
                    $links[] = [$saved, $one, $other];
                }
            }
        }
        usort($links, static fn (array $a, array $b): int => [-$a[0], $a[1], $a[2]] <=> [-$b[0], $b[1], $b[2]]);
        $used = [];
        $taken = [];
        foreach ($links as [, $one, $other]) {
            if (! isset($used[$one]) && ! isset($used[$other])) {
                $used[$one] = $used[$other] = true;
                $taken[] = [$one, $other];
            }
        }

        return $taken;
    }
}
