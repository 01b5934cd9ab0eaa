<?php

declare(strict_types=1);

namespace Imbrex\Core;

/** What holds today and is not in the job. A plan with other circumstances is another plan. */
final readonly class Circumstances
{
    /**
     * @param  array<class-string<Circumstance>, Circumstance>  $known
     * @param  class-string<Stage<StageResult>>|null  $seenBy
     */
    private function __construct(private array $known, private ?string $seenBy = null)
    {
    }

    public static function of(Circumstance ...$known): self
    {
        $byClass = [];
        foreach ($known as $one) {
            $byClass[$one::class] = $one;
        }

        return new self($byClass);
    }

    /** Nothing is known of the day. */
    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @template C of Circumstance
     *
     * @param  class-string<C>  $class
     * @return C
     *
     * @throws Undeclared where a stage looks at what it does not say it looks at
     */
    public function part(string $class): Circumstance
    {
        if ($this->seenBy !== null && ! in_array($class, $this->seenBy::reads(), true)) {
            throw Undeclared::part($this->seenBy, $class);
        }
        $known = $this->known[$class] ?? null;

        return $known instanceof $class ? $known : new $class;
    }

    /** These, and what else is known: of two of one kind the other counts. */
    public function and(self $other): self
    {
        return new self([...$this->known, ...$other->known]);
    }

    /** @param  class-string<Circumstance>  ...$classes  what is left out */
    public function but(string ...$classes): self
    {
        return new self(array_diff_key($this->known, array_flip($classes)));
    }

    /**
     * As much of them as a stage says it looks at.
     *
     * @param  class-string<Stage<StageResult>>  $stage
     */
    public function seenBy(string $stage): self
    {
        return new self($this->known, $stage);
    }

    /** Tells what is kept for them from what is kept for others. */
    public function key(): string
    {
        $known = $this->known;
        ksort($known);

        return hash('xxh128', serialize($known));
    }
}
