<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Severity;

/**
 * Everything that follows from a job and today's circumstances: a pure function of them, to the last bit. Each stage is
 * worked once, when it is first asked for; where results are kept, it is not even then worked if what it needs and reads
 * has been the same before.
 */
final class Plan
{
    /** @var array<class-string, StageResult> */
    private array $results = [];

    private readonly StageKeys $keys;

    /**
     * @param  self|null  $other  the same job on another day, which works what does not look at the day
     * @param  class-string<Stage<StageResult>>|null  $seenBy  the stage that sees this much of another plan
     */
    private function __construct(public readonly Job $job, public readonly Circumstances $circumstances, private readonly ?Results $kept, private readonly ?self $other = null, private readonly ?string $seenBy = null)
    {
        $this->keys = new StageKeys($job, $circumstances);
    }

    /** @param  Results|null  $kept  where results are kept; null = nowhere */
    public static function for(Job $job, ?Circumstances $circumstances = null, ?Results $kept = null): self
    {
        return new self($job, $circumstances ?? Circumstances::none(), $kept);
    }

    /** The same job on another day: what does not look at the day is the same. */
    public function on(Circumstances $circumstances): self
    {
        return $circumstances == $this->circumstances ? $this : new self($this->job, $circumstances, $this->kept, $this);
    }

    /**
     * What a stage came to.
     *
     * @template R of StageResult
     *
     * @param  class-string<Stage<R>>  $stage
     * @return R
     *
     * @throws Undeclared where a stage asks for one it does not say it needs
     */
    public function of(string $stage): StageResult
    {
        if ($this->seenBy !== null && $this->other !== null) {
            /** @var R */
            return $this->results[$stage] ??= in_array($stage, $this->seenBy::needs(), true) ? $this->asked($this->other->of($stage)) : throw Undeclared::stage($this->seenBy, $stage);
        }

        /** @var R */
        return $this->results[$stage] ??= self::withoutCollecting(fn (): StageResult => match (true) {
            $this->other !== null && $this->key($stage) === $this->other->key($stage) => $this->other->of($stage),
            $this->kept !== null => $this->asked($this->kept->of($this->key($stage), fn (): StageResult => $this->work($stage))),
            default => $this->asked($this->work($stage)),
        });
    }

    /**
     * What a result of a stage is kept under: the same for whatever it does not look at.
     *
     * @param  class-string<Stage<StageResult>>  $stage
     */
    public function key(string $stage): string
    {
        return $this->keys->of($stage);
    }

    /** How many stages have been worked, or taken from where they are kept. */
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

    /**
     * Results are values and hold no circles. Looking for circles among a hundred thousand clips, again and again while they are made,
     * took a third of a large plan, and more of a larger one.
     *
     * @param  callable(): StageResult  $work
     */
    private static function withoutCollecting(callable $work): StageResult
    {
        if (! gc_enabled()) {
            return $work();
        }
        gc_disable();
        try {
            return $work();
        } finally {
            gc_enable();
        }
    }

    private function asked(StageResult $result): StageResult
    {
        return $result instanceof AskedByRules ? $result->under($this->job->covering) : $result;
    }

    /**
     * @template R of StageResult
     *
     * @param  class-string<Stage<R>>  $stage
     * @return R
     */
    private function work(string $stage): StageResult
    {
        return (new $stage)->work(new self($this->job->seenBy($stage), $this->circumstances->seenBy($stage), null, $this, $stage));
    }
}
