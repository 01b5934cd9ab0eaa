<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Rules\RuleSet;

/** What the roof is covered with, and by which habits: profile, metal, ridge, house rules. */
final readonly class Covering
{
    /**
     * @param  bool  $ventedRidge  what ridges are where nobody wished otherwise
     * @param  Colour|null  $colour  of its coat; null where nobody has said
     * @param  bool  $chosen  false where a profile is only taken until somebody says which
     */
    public function __construct(
        public Profile $profile,
        public Material $material,
        public string $gauge,
        public bool $ventedRidge,
        public RuleSet $rules,
        public ?Colour $colour = null,
        public bool $chosen = true,
    ) {
    }

    /** The same by other house rules. */
    public function with(RuleSet $rules): self
    {
        return new self(
            profile: $this->profile,
            material: $this->material,
            gauge: $this->gauge,
            ventedRidge: $this->ventedRidge,
            rules: $rules,
            colour: $this->colour,
            chosen: $this->chosen,
        );
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $said = ['profile' => $this->profile->key];

        return array_values(array_filter([
            $this->chosen ? null : Finding::block('catalogue.unchosen', 'system', $said),
            $this->profile->saysRibs ? null : Finding::block('catalogue.no-ribs', 'system', $said),
            $this->profile->representative ? Finding::note('catalogue.representative', 'system', $said) : null,
        ]));
    }
}
