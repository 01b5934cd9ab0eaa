<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Sizes;

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
        if ($this->kind === EdgeKind::Opening) {
            // The foot of a saddle, where the opening itself keeps metal away.
            return EdgeAllowance::clear(0.0);
        }
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

        return $this->wish?->adaptation->of($layers) ?? $layers;
    }

    /** Whether somebody changed the layers of the build. */
    public function isAdapted(): bool
    {
        return $this->wish?->adaptation->isNothing() === false;
    }

    /** @return array<string, Layer> layers somebody added at this edge, whether they go on or not, by key */
    public function added(): array
    {
        return $this->wish->adaptation->layers ?? [];
    }

    /** The build that ships it is made from, however often it was changed since. */
    public function shipped(): ?Build
    {
        return $this->build->base ?? $this->build;
    }

    /** All that was changed of the build that ships, at this edge and before. */
    public function changed(): Adaptation
    {
        $shipped = $this->shipped();
        $spacing = $own = [];
        foreach ($this->layers() as $layer) {
            $was = $shipped?->layer($layer->key);
            if ($was === null) {
                $own[$layer->key] = $layer;
            } elseif ($layer->fastener !== null && $layer->fastener->spacing !== $was->fastener?->spacing) {
                $spacing[$layer->key] = $layer->fastener->spacing;
            }
        }
        $on = ($this->wish->adaptation->on ?? []) + ($this->build->adaptation->on ?? []);

        return new Adaptation(array_map(static fn (Layer $layer): string => $layer->key, $this->layers()), $spacing, $own, array_intersect_key($on, $own));
    }

    /** What its layers are placed by. */
    public function sizes(): Sizes
    {
        $upper = $this->allowance(true);
        $lower = in_array($this->kind, [EdgeKind::Transition, EdgeKind::CrossEnd], true) ? $this->allowance(false) : $upper;

        return new Sizes($upper->offset, -$lower->offset, $upper->hem, $this->covering->profile->height, $this->covering->rules->number('cut.cleatFlange'));
    }

    private function isVented(): bool
    {
        return $this->build->vented ?? $this->covering->ventedRidge;
    }
}
