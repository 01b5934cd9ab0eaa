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

    /**
     * What its layers are placed by.
     *
     * @param  float  $slope  degrees the first face falls square to the edge
     * @param  float  $other  degrees the second does
     */
    public function sizes(float $slope = 0.0, float $other = 0.0): Sizes
    {
        $upper = $this->allowance(true);
        $lower = in_array($this->kind, [EdgeKind::Transition, EdgeKind::CrossEnd], true) ? $this->allowance(false) : $upper;
        $sizes = new Sizes(
            past: $upper->offset,
            back: -$lower->offset,
            hem: $upper->hem,
            rib: $this->covering->profile->height,
            cleat: $this->covering->rules->number('cut.cleatFlange'),
            slope: $slope,
            other: $other,
        );

        return $this->build?->line === null ? $sizes : $sizes->lined($sizes->of($this->build->line));
    }

    /** Where what is hooked or closed along it ends, inches square to it from the roof line: a valley's chalk line, the far side of a ridge's zees; null where nothing is. */
    public function line(): ?float
    {
        return $this->build?->line === null ? null : $this->sizes()->line;
    }

    /**
     * From the panel's end to the row of screws that holds it there, inches square to the edge; null where the build says none, as at a cap.
     *
     * @param  bool  $isLowEnd  whether the panels begin at the edge, which tells the upper roof of a pitch change from the lower
     */
    public function endRow(bool $isLowEnd): ?float
    {
        if (in_array($this->kind, [EdgeKind::Transition, EdgeKind::CrossEnd], true) && ! $isLowEnd) {
            return null;
        }
        $sizes = $this->sizes();
        foreach ($this->layers() as $layer) {
            // What is said of one side of a valley stands on both.
            if ($layer->key === 'panel' && $layer->fastener !== null && $layer->fastener->at !== []) {
                return abs($sizes->of($layer->to) - $sizes->of($layer->fastener->at[0]));
            }
        }

        return null;
    }

    /**
     * From the panel's end to where it is fixed under a cap or a flashing, inches square to the edge: half way between the bend of its turned up end and the
     * zees or closures; null where the build has none. Never on a bend. Source: trade practice, 2-1/2 to 3-1/2 from a ridge with zees at 5.
     */
    public function fixedIn(): ?float
    {
        $sizes = $this->sizes();
        $settled = array_map(static fn (Layer $layer): Layer => $layer->settled($sizes), $this->layers());
        $panel = array_values(array_filter($settled, static fn (Layer $layer): bool => $layer->key === 'panel'))[0] ?? null;
        if ($panel === null || ! in_array($this->kind, [EdgeKind::Ridge, EdgeKind::Hip, EdgeKind::Headwall], true)) {
            return null;
        }
        // Of a wall's path the panel begins at its end; of a ridge's it ends there.
        $end = $sizes->of($this->kind === EdgeKind::Headwall ? $panel->from : $panel->to);
        $closed = array_map(
            static fn (Layer $layer): float => min(abs($sizes->of($layer->from) - $end), abs($sizes->of($layer->to) - $end)),
            array_filter($settled, static fn (Layer $layer): bool => in_array($layer->role, [LayerRole::Zee, LayerRole::Closure, LayerRole::Vent], true) && $layer->key === $layer->side()),
        );
        $bend = $this->turnsPanUp() ? $this->covering->rules->number('cut.panTurnUp') : 0.0;

        return $closed === [] || min($closed) <= $bend ? null : ($bend + min($closed)) / 2.0;
    }

    /** From the roof line to the middle of what closes each pan along it, inches square to the edge; null where nothing does. */
    public function closedAt(): ?float
    {
        $sizes = $this->sizes();
        foreach ($this->layers() as $layer) {
            if ($layer->closesPans()) {
                return abs($sizes->of($layer->from) + $sizes->of($layer->to)) / 2.0;
            }
        }

        return null;
    }

    private function isVented(): bool
    {
        return $this->build->vented ?? $this->covering->ventedRidge;
    }
}
