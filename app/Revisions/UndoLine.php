<?php

declare(strict_types=1);

namespace App\Revisions;

use App\Models\Job;

/**
 * Where undo and redo lead, told from a job's revisions: a page opened anew takes back what was done before it. States are
 * numbers of the revisions that first brought them.
 */
final class UndoLine
{
    /** No more than anybody takes back. */
    private const MOST = 200;

    /** @var list<int> states before, the nearest last */
    private array $past = [];

    private int $now = 0;

    /** @var list<int> states taken back, the nearest last */
    private array $future = [];

    public static function of(Job $job): self
    {
        $line = new self;
        $steps = $job->revisions()->toBase()->where('aside', false)->orderBy('number')->get(['number', 'turn', 'turned_to']);
        foreach ($steps as $step) {
            $line->step((int) $step->number, $step->turn === null ? null : Turn::from((string) $step->turn), (int) $step->turned_to);
        }

        return $line;
    }

    /**
     * One more revision.
     *
     * @param  int  $to  the state a turn leads to
     */
    public function step(int $number, ?Turn $turn = null, int $to = 0): void
    {
        if ($turn === null) {
            if ($this->now > 0) {
                $this->past = [...array_slice($this->past, 1 - self::MOST), $this->now];
            }
            [$this->now, $this->future] = [$number, []];

            return;
        }
        [$from, $onto] = $turn === Turn::Undo ? [$this->past, $this->future] : [$this->future, $this->past];
        while ($this->now !== $to && $from !== []) {
            $onto[] = $this->now;
            $this->now = array_pop($from);
        }
        [$this->past, $this->future] = $turn === Turn::Undo ? [$from, $onto] : [$onto, $from];
    }

    /** @return list<int> the states a turn can lead to, the nearest last */
    public function states(Turn $turn): array
    {
        return $turn === Turn::Undo ? $this->past : $this->future;
    }

    /**
     * The states whose changes a turn takes back or up again, the nearest to now first.
     *
     * @return list<int>
     */
    public function turned(Turn $turn, int $to): array
    {
        $way = array_reverse($this->states($turn));
        $steps = array_slice($way, 0, (int) array_search($to, $way, true) + 1);

        return $turn === Turn::Undo ? [$this->now, ...array_slice($steps, 0, -1)] : $steps;
    }
}
