<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\CutCard;

/** A mark-out card as it is printed, in words: for one piece, or for all that are marked out alike. */
final readonly class PrintedCard
{
    /**
     * @param  non-empty-list<string>  $pieces  ids, in the order they lie
     * @param  list<string>  $faces  names
     * @param  list<string>  $partners  ids of the pieces that come out of the same sheets
     * @param  list<string>  $notes
     * @param  list<array{heading: string, marks: list<array{name: string, kind: string, at: string}>}>  $runs
     */
    public function __construct(
        public CutCard $card,
        public array $pieces,
        public array $faces,
        public array $partners,
        public string $sub,
        public array $notes,
        public array $runs,
        public bool $corrected,
    ) {
    }

    /** What a person marks out by it: of two that agree to the mark one is enough. */
    public function looks(): string
    {
        return hash('xxh128', serialize([count($this->card->outline->corners), count($this->card->holes), $this->card->legs, $this->card->fromHead, $this->sub, $this->notes, $this->runs, $this->corrected]));
    }

    /**
     * The same card for all pieces that are marked out alike.
     *
     * @param  non-empty-list<string>  $pieces
     * @param  list<string>  $faces
     * @param  list<string>  $partners
     */
    public function shared(array $pieces, array $faces, array $partners): self
    {
        return new self(
            card: $this->card,
            pieces: $pieces,
            faces: $faces,
            partners: $partners,
            sub: $this->sub,
            notes: $this->notes,
            runs: $this->runs,
            corrected: $this->corrected,
        );
    }

    /** @param  list<string>  $tips  notes of the crew that stand on it besides */
    public function with(array $tips): self
    {
        return $tips === [] ? $this : new self(
            card: $this->card,
            pieces: $this->pieces,
            faces: $this->faces,
            partners: $this->partners,
            sub: $this->sub,
            notes: [...$this->notes, ...$tips],
            runs: $this->runs,
            corrected: $this->corrected,
        );
    }
}
