<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Contact;

use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Metalwork\FastenerKind;

/** Which metal each part of an edge is of. */
final readonly class Metals
{
    public const STEEL = 'steel';

    private const STAINLESS = 'stainless';

    public function __construct(private Covering $covering, private MetalsInput $input)
    {
    }

    /** Key of the metal of a layer; null of what is none. */
    public function of(Layer $layer): ?string
    {
        return $layer->metal ?? match ($layer->role) {
            LayerRole::Panel => $this->panels(),
            LayerRole::Trim, LayerRole::Cleat, LayerRole::Zee => $this->trims(),
            // Caps, clips and stiffeners; beads in a seam are none.
            LayerRole::Stiffener => $layer->seal() === null ? $this->trims() : null,
            default => null,
        };
    }

    public function panels(): string
    {
        return $this->covering->material->key;
    }

    public function trims(): string
    {
        return $this->input->trims ?? $this->panels();
    }

    public function ofFastener(FastenerKind $kind): string
    {
        return $kind === FastenerKind::Rivet ? $this->input->rivets ?? self::STAINLESS : $this->screws();
    }

    public function hasTreatedFascia(): bool
    {
        return $this->input->treatedFascia;
    }

    public function hasFreshMortar(): bool
    {
        return $this->input->freshMortar;
    }

    /** Weight of the flat sheet; null of a metal the catalogue does not have. */
    public function poundsPerSquareFoot(string $metal): ?float
    {
        if ($metal === $this->panels()) {
            return $this->covering->material->poundsPerSquareFoot($this->covering->gauge);
        }
        $material = Catalogue::shipped()->materials[$metal] ?? null;

        return $material?->poundsPerSquareFoot($material->usualGauge());
    }

    private function screws(): string
    {
        return $this->input->screws ?? ($this->panels() === self::STEEL && $this->trims() === self::STEEL ? self::STEEL : self::STAINLESS);
    }
}
