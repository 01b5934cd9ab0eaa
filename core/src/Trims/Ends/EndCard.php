<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Ends;

use Imbrex\Core\Trims\TrimPiece;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimsResult;

/** One way an end is cut, and all pieces that are cut so. */
final readonly class EndCard
{
    /**
     * @param  TrimRun  $run  of the first of them
     * @param  non-empty-list<array{run: TrimRun, piece: TrimPiece, isHigh: bool}>  $ends
     */
    private function __construct(public EndCut $cut, public TrimRun $run, public array $ends)
    {
    }

    /** Whether one of the ends is of a run. */
    public function isOf(TrimRun $run): bool
    {
        return $this->first($run) < INF;
    }

    /** Where on a run the first of its ends lies, inches from the run's low end; nowhere where none is of it. */
    public function first(?TrimRun $run): float
    {
        foreach ($this->ends as $end) {
            if ($end['run'] === $run) {
                return $end['piece']->at + ($end['isHigh'] ? $end['piece']->length : 0.0);
            }
        }

        return INF;
    }

    /**
     * Ends that bear marks, those alike on one card, in the order of their runs.
     *
     * @return array<string, self> by what they have in common
     */
    public static function of(TrimsResult $made): array
    {
        $alike = [];
        foreach ($made->runs as $run) {
            foreach ($run->pieces as $piece) {
                foreach ([false, true] as $isHigh) {
                    $cut = $run->end($piece, $isHigh);
                    if (! $cut->isSquare()) {
                        $alike[hash('xxh64', $run->kind().$cut->looks())][] = ['run' => $run, 'piece' => $piece, 'isHigh' => $isHigh];
                    }
                }
            }
        }

        return array_map(static fn (array $ends): self => new self($ends[0]['run']->end($ends[0]['piece'], $ends[0]['isHigh']), $ends[0]['run'], $ends), $alike);
    }
}
