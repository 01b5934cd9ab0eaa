<?php

declare(strict_types=1);

namespace Imbrex\Core\LoadOut;

use Imbrex\Core\Ground\Catalogue\Colour;
use Imbrex\Core\Ground\Supplies\Supply;

/** What is ordered: lengths by quantity, and the metal they take. */
final readonly class Order
{
    /**
     * @param  list<OrderLine>  $lines  longest first
     * @param  int  $sheets  two panels may come out of one
     * @param  float  $coilFeet  running length of coil when panels are formed on site
     * @param  float  $squareFeet  of flat metal; `$wasteSquareFeet` of it does not end up on the roof
     * @param  int  $endPlugs  for seams' open ends at the eave, where they are closed so
     * @param  list<Supply>  $supplies  clips, screws and guards of the field
     * @param  Colour|null  $colour  of the panels' coat; null where nobody has said
     */
    public function __construct(
        public array $lines,
        public int $sheets,
        public float $coilFeet,
        public float $coilWidth,
        public float $squareFeet,
        public float $wasteSquareFeet,
        public float $pounds,
        public int $endPlugs = 0,
        public array $supplies = [],
        public ?Colour $colour = null,
    ) {
    }

    /** @param  list<Supply>  $supplies  clips, screws and guards of the field */
    public function with(int $endPlugs, array $supplies): self
    {
        return new self(
            lines: $this->lines,
            sheets: $this->sheets,
            coilFeet: $this->coilFeet,
            coilWidth: $this->coilWidth,
            squareFeet: $this->squareFeet,
            wasteSquareFeet: $this->wasteSquareFeet,
            pounds: $this->pounds,
            endPlugs: $endPlugs,
            supplies: $supplies,
            colour: $this->colour,
        );
    }
}
