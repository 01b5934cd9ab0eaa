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

    /** @param  self|null  $other  the same job on another day, which works what does not look at the day */
    private function __construct(public readonly Job $job, public readonly Circumstances $circumstances, private readonly ?self $other = null)
    {
    }

    public static function for(Job $job, ?Circumstances $circumstances = null): self
    {
        return new self($job, $circumstances ?? Circumstances::none());
    }

    /** The same job on another day: what is worked before the first stage that looks at the day is the same. */
    public function on(Circumstances $circumstances): self
    {
        return $circumstances == $this->circumstances ? $this : new self($this->job, $circumstances, $this);
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
        return $this->results[$stage] ??= $this->other !== null && Stages::isBeforeTheDay($stage) ? $this->other->of($stage) : (new $stage)->work($this);
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
