<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Fit;

/** What the taped marks of an edge say about its line. */
final readonly class FittedLine
{
    /**
     * @param  LineFit|null  $line  null where none of the marks could be used
     * @param  list<TapedMark>  $marks  all that lie on the edge, by their ids
     * @param  array<string, float>  $misses  by observation: how much more it read than the line has it, inches; those kept apart, too
     * @param  array<string, float>  $apart  by observation kept apart until it is confirmed: how much more it read than the line the others make
     * @param  string|null  $likeliestWrong  the observation without which the rest agree best, where one misses by more than the house rule
     */
    public function __construct(public ?LineFit $line, public array $marks, public array $misses, public array $apart, public ?string $likeliestWrong = null)
    {
    }

    public function doubting(?string $observation): self
    {
        return new self($this->line, $this->marks, $this->misses, $this->apart, $observation);
    }

    /** @return list<TapedMark> */
    public function used(): array
    {
        return array_values(array_filter($this->marks, fn (TapedMark $mark): bool => ! isset($this->apart[$mark->observation->id])));
    }

    /** The farthest any of those used lies from the line, inches. */
    public function worst(): float
    {
        return max([0.0, ...array_map(abs(...), array_diff_key($this->misses, $this->apart))]);
    }
}
