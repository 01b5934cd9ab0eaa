<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Findings\Finding;
use Imbrex\Core\StageResult;

/** What is bent for the edges of a roof, and from how many sticks. */
final readonly class TrimsResult implements StageResult
{
    /**
     * @param  array<string, TrimRun>  $runs  by id, in the roof's order of edges and layers
     * @param  array<string, StickLot>  $lots  by kind
     * @param  list<Closure>  $closures
     * @param  CutPieces  $cut  what is cut of them already
     * @param  list<Finding>  $findings
     */
    public function __construct(public array $runs, public array $lots, public array $closures, public CutPieces $cut, private array $findings)
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

    /** @return list<TrimRun> of one kind */
    public function ofKind(string $kind): array
    {
        return array_values(array_filter($this->runs, static fn (TrimRun $run): bool => $run->kind() === $kind));
    }

    /** @return list<TrimRun> of one edge */
    public function of(string $edge): array
    {
        return array_values(array_filter($this->runs, static fn (TrimRun $run): bool => $run->edge->id === $edge));
    }
}
