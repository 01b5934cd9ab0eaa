<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\Ground\Rules\RuleSet;

/** One figure somebody brought down from the roof. */
final readonly class Reading
{
    /**
     * @param  float  $value  inches; rise in 12 for a pitch. A running dimension may be negative
     * @param  float  $at  share of the eave from its left end where an eave-to-ridge or pitch reading was taken, 0 to 1
     * @param  string|null  $time  when it was taken, as written down; never interpreted
     * @param  int|null  $corner  of a running dimension, or where a length between corners starts
     * @param  int|null  $to  the corner that length runs to
     * @param  float|null  $panels  old panels that were counted, where it is their number times their cover
     * @param  bool  $toOldPanel  its low end touched the old panel's end, past the deck's edge; else the deck's edge
     * @param  float  $past  inches of it that lie past the deck's edge and are in the value no more
     */
    public function __construct(
        public string $id,
        public Quantity $quantity,
        public float $value,
        public Source $source,
        public float $at = 0.5,
        public ?string $time = null,
        public ?int $corner = null,
        public ?int $to = null,
        public ?float $panels = null,
        public bool $toOldPanel = false,
        public float $past = 0.0,
    ) {
    }

    /** The same reading on the deck: what an old panel reached past its edge is taken off. */
    public function onDeck(float $past): self
    {
        return ! $this->toOldPanel ? $this : new self(
            id: $this->id,
            quantity: $this->quantity,
            value: $this->value - $past,
            source: $this->source,
            at: $this->at,
            time: $this->time,
            corner: $this->corner,
            to: $this->to,
            panels: $this->panels,
            toOldPanel: true,
            past: $past,
        );
    }

    /** Inches it may be off, both ways. */
    public function tolerance(RuleSet $rules): float
    {
        return $this->source->tolerance(abs($this->value), $rules, $this->panels ?? 0.0);
    }

    /** Readings of the same thing have the same name: eave, along-2, between-0-3. */
    public function name(): string
    {
        if ($this->quantity->isSingle()) {
            return $this->quantity->value;
        }
        $corners = $this->to === null ? [(int) $this->corner] : [min((int) $this->corner, $this->to), max((int) $this->corner, $this->to)];

        return implode('-', [$this->quantity->value, ...$corners]);
    }
}
