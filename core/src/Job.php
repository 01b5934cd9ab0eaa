<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Catalogue\Covering;
use Imbrex\Core\Rules\RuleSet;
use Imbrex\Core\Units\UnitSystem;

/** Everything a plan is made of: what the roof is covered with, and what is said to each stage. */
final readonly class Job
{
    /** @param  array<class-string<JobPart>, JobPart>  $parts */
    private function __construct(public string $name, public UnitSystem $units, public Covering $covering, public RuleSet $rules, private array $parts)
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
     */
    public function part(string $class): JobPart
    {
        $part = $this->parts[$class] ?? null;

        return $part instanceof $class ? $part : new $class;
    }

    /** The same job with one part said anew. */
    public function with(JobPart $part): self
    {
        return new self($this->name, $this->units, $this->covering, $this->rules, [...$this->parts, $part::class => $part]);
    }
}
