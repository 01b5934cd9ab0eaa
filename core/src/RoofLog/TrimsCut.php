<?php

declare(strict_types=1);

namespace Imbrex\Core\RoofLog;

use Imbrex\Core\Facts\CutTrim;
use Imbrex\Core\Facts\PiecesCut;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Plan;
use Imbrex\Core\Trims\EndKind;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimsStage;

/** What is cut of the trims already, held against what they would be now. */
final readonly class TrimsCut
{
    /**
     * @param  array<string, CutTrim>  $cut  as pieces were when they were cut, by id
     * @param  array<string, CutTrim>  $now  as they would be, by id
     * @param  array<string, TrimRun>  $runs
     */
    private function __construct(private array $cut, private array $now, private array $runs)
    {
    }

    public static function of(Plan $plan): self
    {
        $cut = $plan->circumstances->part(PiecesCut::class)->trims;
        $now = [];
        $runs = $cut === [] ? [] : $plan->of(TrimsStage::class)->runs;
        foreach ($runs as $run) {
            foreach ($run->pieces as $piece) {
                if (isset($cut[$piece->id])) {
                    $now[$piece->id] = new CutTrim($piece->length, $run->looks($piece));
                }
            }
        }

        return new self($cut, $now, $runs);
    }

    /** How long a piece was cut; null where it is not. */
    public function cut(string $piece): ?float
    {
        return ($this->cut[$piece] ?? null)?->length;
    }

    /** @return list<string> ids of the facts that say a piece is cut */
    public function facts(string $piece): array
    {
        return $this->cut[$piece]->facts ?? [];
    }

    /** @return list<string> ends of a kind that are cut, as fits name them: id of the run, `.low` or `.high` */
    public function ends(string $shape, EndKind $kind): array
    {
        $ends = [];
        foreach (array_filter($this->runs, static fn (TrimRun $run): bool => $run->shape->key === $shape) as $run) {
            foreach ([[$run->low, $run->pieces[0] ?? null, 'low'], [$run->high, $run->pieces[count($run->pieces) - 1] ?? null, 'high']] as [$end, $piece, $which]) {
                if ($end->kind === $kind && $piece !== null && isset($this->cut[$piece->id])) {
                    $ends[] = "$run->id.$which";
                }
            }
        }

        return $ends;
    }

    /** Whether a piece was cut otherwise than it would be now. */
    public function differs(string $piece): bool
    {
        return isset($this->cut[$piece], $this->now[$piece]) && ! ($this->isAsLong($piece) && $this->cut[$piece]->isShapedAs($this->now[$piece]));
    }

    /** Whether a piece was cut as long as it would be now. */
    public function isAsLong(string $piece): bool
    {
        return isset($this->cut[$piece], $this->now[$piece]) && $this->cut[$piece]->isAsLongAs($this->now[$piece]);
    }

    /** @return list<Finding> told once, with the first of them */
    public function findings(): array
    {
        $ids = array_map(strval(...), array_keys($this->cut));
        $differ = array_values(array_filter($ids, fn (string $id): bool => $this->differs($id) && ! $this->isAsLong($id)));
        $otherwise = array_values(array_filter($ids, fn (string $id): bool => $this->differs($id) && $this->isAsLong($id)));
        $gone = array_values(array_filter($ids, fn (string $id): bool => ! isset($this->now[$id])));
        $findings = [];
        if ($differ !== []) {
            $findings[] = Finding::settle('log.trim-length', $differ[0], ['count' => count($differ), 'piece' => $differ[0], 'was' => Length::ofInches($this->cut[$differ[0]]->length), 'now' => Length::ofInches($this->now[$differ[0]]->length)]);
        }
        if ($otherwise !== []) {
            $findings[] = Finding::settle('log.trim-shape', $otherwise[0], ['count' => count($otherwise), 'piece' => $otherwise[0]]);
        }
        if ($gone !== []) {
            $findings[] = Finding::settle('log.trim-gone', $gone[0], ['count' => count($gone), 'piece' => $gone[0], 'was' => Length::ofInches($this->cut[$gone[0]]->length)]);
        }

        return array_map(static fn (Finding $finding): Finding => $finding->from('roof-log'), $findings);
    }
}
