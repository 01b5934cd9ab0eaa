<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Ground\Units\UnitSystem;

/** Everything a plan is made of: what the roof is covered with, and what is said to each stage. */
final readonly class Job
{
    /**
     * @param  array<class-string<JobPart>, JobPart>  $parts
     * @param  class-string<Stage<StageResult>>|null  $seenBy
     */
    private function __construct(public string $name, public UnitSystem $units, public Covering $covering, public RuleSet $rules, private array $parts, private ?string $seenBy = null)
    {
    }

    public static function of(string $name, UnitSystem $units, Covering $covering, JobPart ...$parts): self
    {
        $byClass = [];
        foreach ($parts as $part) {
            $byClass[$part::class] = $part;
        }

        return new self($name, $units, $covering, $covering->rules, $byClass);
    }

    /**
     * What the job says to a stage.
     *
     * @template P of JobPart
     *
     * @param  class-string<P>  $class
     * @return P
     *
     * @throws Undeclared where a stage reads what it does not say it reads
     */
    public function part(string $class): JobPart
    {
        if ($this->seenBy !== null && ! in_array($class, $this->seenBy::reads(), true)) {
            throw Undeclared::part($this->seenBy, $class);
        }
        $part = $this->parts[$class] ?? null;

        return $part instanceof $class ? $part : new $class;
    }

    /**
     * As much of it as a stage says it reads: its parts, and the house rules it may go by. How a job is called and in what
     * units it is told is no stage's business.
     *
     * @param  class-string<Stage<StageResult>>  $stage
     */
    public function seenBy(string $stage): self
    {
        $rules = $this->rules->only(Stages::rulesFor($stage));

        return new self('', UnitSystem::Imperial, $this->covering->with($rules), $rules, $this->parts, $stage);
    }

    /** The same job with one part said anew. */
    public function with(JobPart $part): self
    {
        return new self($this->name, $this->units, $this->covering, $this->rules, [...$this->parts, $part::class => $part]);
    }
}
