<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Catalogue\Covering;
use Imbrex\Core\Catalogue\EdgeKind;

/** How one edge is built where a face ends at it: by the house, or as somebody wished. */
final readonly class EdgeBuild
{
    /** @param  Build|null  $build  null where metal ends at no edge of the roof */
    public function __construct(public EdgeKind $kind, private Covering $covering, private ?EdgeWish $wish, public ?Build $build)
    {
    }

    /**
     * What it asks of the metal there.
     *
     * @param  bool  $isLowEnd  whether the panels begin at the edge, which tells the upper roof of a pitch change from the lower
     */
    public function allowance(bool $isLowEnd): EdgeAllowance
    {
        $rules = $this->covering->rules;
        if ($this->hasStarter()) {
            return EdgeAllowance::clear($rules->number('edge.rake.standOff'));
        }
        $allowance = EdgeAllowance::of($this->kind, $this->covering->profile->family, $this->isVented(), $rules, $isLowEnd);
        if ($this->build?->offset !== null) {
            $allowance = $allowance->heldBack(-$rules->number($this->build->offset));
        }
        if ($this->build?->hem !== null || $this->build?->unhemmed === true) {
            $allowance = $allowance->hemmed($this->build->hem === null ? 0.0 : $rules->number($this->build->hem));
        }

        return $this->kind === EdgeKind::Valley && $this->wish?->reveal !== null ? $allowance->heldBack($this->wish->reveal) : $allowance;
    }

    /** Whether a starter lies along it, and the first panel's clips stand off from that. */
    public function hasStarter(): bool
    {
        return $this->kind === EdgeKind::Rake && ($this->wish?->starter === true || $this->build?->starts === true);
    }

    /** Bare pan from the centre of a valley to the panel's end, inches. */
    public function reveal(): float
    {
        return -$this->allowance(true)->offset;
    }

    /** Whether a cleat is set on a chalk line beside a valley. */
    public function isChalked(): bool
    {
        return $this->build?->ownsReveal !== true;
    }

    /** Whether the pan's own end is turned up as a dam where it ends at the edge's foot. */
    public function turnsPanUp(): bool
    {
        return $this->covering->profile->family->turnsPanUp($this->kind, $this->isVented());
    }

    /** @return list<Layer> its layers in the order they go on, as somebody may have changed it */
    public function layers(): array
    {
        $layers = $this->build->layers ?? [];
        if ($this->wish?->order !== null && $this->build !== null) {
            $layers = array_values(array_filter(array_map($this->build->layer(...), $this->wish->order)));
        }
        $spacing = $this->wish->spacing ?? [];

        return array_map(static fn (Layer $layer): Layer => isset($spacing[$layer->key]) ? $layer->spaced($spacing[$layer->key]) : $layer, $layers);
    }

    /** Whether somebody changed the layers of the build. */
    public function isAdapted(): bool
    {
        return $this->wish?->order !== null || ($this->wish->spacing ?? []) !== [];
    }

    private function isVented(): bool
    {
        return $this->build->vented ?? $this->covering->ventedRidge;
    }
}
