<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Catalogue\Covering;
use Imbrex\Core\Catalogue\EdgeKind;

/** How one edge is built where a face ends at it: by the house, or as somebody wished. */
final readonly class EdgeBuild
{
    public function __construct(public EdgeKind $kind, private Covering $covering, private ?EdgeWish $wish = null)
    {
    }

    /**
     * What it asks of the metal there.
     *
     * @param  bool  $isLowEnd  whether the panels begin at the edge, which tells the upper roof of a pitch change from the lower
     */
    public function allowance(bool $isLowEnd): EdgeAllowance
    {
        if ($this->hasStarter()) {
            return EdgeAllowance::clear($this->covering->rules->number('edge.rake.standOff'));
        }
        $allowance = EdgeAllowance::of($this->kind, $this->covering->profile->family, $this->isVented(), $this->covering->rules, $isLowEnd);

        return $this->kind === EdgeKind::Valley && $this->wish?->reveal !== null ? $allowance->heldBack($this->wish->reveal) : $allowance;
    }

    /** Whether a starter lies along it, and the first panel's clips stand off from that. */
    public function hasStarter(): bool
    {
        return $this->kind === EdgeKind::Rake && $this->wish?->starter === true;
    }

    /** Bare pan from the centre of a valley to the panel's end, inches. */
    public function reveal(): float
    {
        return -$this->allowance(true)->offset;
    }

    /** Whether the pan's own end is turned up as a dam where it ends at the edge's foot. */
    public function turnsPanUp(): bool
    {
        return $this->covering->profile->family->turnsPanUp($this->kind, $this->isVented());
    }

    private function isVented(): bool
    {
        return $this->wish->vented ?? $this->covering->ventedRidge;
    }
}
