<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\StageResult;

/** What is bent for the edges of a roof, and from how many sticks. */
final readonly class TrimsResult implements StageResult
{
    /**
     * @param  array<string, TrimRun>  $runs  by id, in the roof's order of edges and layers
     * @param  array<string, StickLot>  $lots  by kind
     * @param  list<Closure>  $closures
     * @param  list<Supply>  $supplies  what the edges take besides
     * @param  list<Finding>  $findings
     */
    public function __construct(public array $runs, public array $lots, public array $closures, public array $supplies, private array $findings)
    {
    }

    public function findings(): array
    {
        return $this->findings;
    }

    public function sticks(): int
    {
        return array_sum(array_map(static fn (StickLot $lot): int => count($lot->sticks), $this->lots));
    }

    /**
     * The run somebody asks for.
     *
     * @param  string|null  $id  of the run, or of an edge
     * @return TrimRun|null of an edge the trim one sees, not the cleat it hangs on; of none there is the first
     */
    public function picked(?string $id): ?TrimRun
    {
        return $this->runs[$id ?? ''] ?? self::seen($this->of($id ?? '')) ?? self::seen(array_values($this->runs));
    }

    /** @return list<TrimRun> of one kind */
    public function ofKind(string $kind): array
    {
        return array_values(array_filter($this->runs, static fn (TrimRun $run): bool => $run->kind() === $kind));
    }

    /** @param  list<TrimRun>  $runs */
    private static function seen(array $runs): ?TrimRun
    {
        foreach ($runs as $run) {
            if ($run->layer->role === LayerRole::Trim) {
                return $run;
            }
        }

        return $runs[0] ?? null;
    }

    /** @return list<TrimRun> of one edge */
    public function of(string $edge): array
    {
        return array_values(array_filter($this->runs, static fn (TrimRun $run): bool => $run->edge->id === $edge));
    }
}
