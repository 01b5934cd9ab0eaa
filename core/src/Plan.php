<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Findings\Severity;

/**
 * Everything that follows from a job and today's circumstances: a pure function of them, to the last bit. Each stage is
 * worked once, when it is first asked for.
 */
final class Plan
{
    /** @var array<class-string, StageResult> */
    private array $results = [];

    private function __construct(public readonly Job $job, public readonly Circumstances $circumstances)
    {
    }

    public static function for(Job $job, ?Circumstances $circumstances = null): self
    {
        return new self($job, $circumstances ?? Circumstances::none());
    }

    /**
     * What a stage came to.
     *
     * @template R of StageResult
     *
     * @param  class-string<Stage<R>>  $stage
     * @return R
     */
    public function of(string $stage): StageResult
    {
        /** @var R */
        return $this->results[$stage] ??= (new $stage)->work($this);
    }

    /** How many stages have been worked. */
    public function worked(): int
    {
        return count($this->results);
    }

    /** @return list<Finding> of the covering, then of every stage in the order of work */
    public function findings(): array
    {
        $findings = $this->job->covering->findings();
        foreach (Stages::IN_ORDER as $name => $stage) {
            array_push($findings, ...$this->findingsOf($name));
        }

        return $findings;
    }

    /**
     * @param  key-of<Stages::IN_ORDER>  $name
     * @return list<Finding> of one stage
     */
    public function findingsOf(string $name): array
    {
        return array_map(static fn (Finding $finding): Finding => $finding->from($name), $this->of(Stages::IN_ORDER[$name])->findings());
    }

    /** Whether nothing found stands against sending an order. */
    public function isClear(): bool
    {
        return array_filter($this->findings(), static fn (Finding $f): bool => $f->severity === Severity::Block) === [];
    }
}
