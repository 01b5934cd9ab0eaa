<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Supplies;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Metalwork\Seal;
use Imbrex\Core\Ground\Supplies\Item;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Supplies\SupplyKind;
use Imbrex\Core\Ground\Supplies\SupplySum;
use Imbrex\Core\Trims\Closure;
use Imbrex\Core\Trims\TrimRun;

/** Counts what the edges of a roof take besides their trims: tapes, beads, foam and vents by the foot, fasteners and metal closures by number. */
final class EdgeSupplies
{
    /** Sealant is counted as a bead so wide (in). */
    private const BEAD = 0.25;

    /** Beads that lie at every seam, not along the edge. */
    private const AT_SEAMS = ['seam-bead', 'seam-sealant'];

    /** What each pan has its own of is counted with the pans. */
    private const PER_PAN = ['head-closure', 'metal-closure'];

    private SupplySum $sum;

    public function __construct(private readonly Profile $profile)
    {
        $this->sum = new SupplySum;
    }

    /**
     * @param  list<BuiltEdge>  $edges
     * @param  list<TrimRun>  $runs
     * @param  list<Closure>  $closures
     * @return list<Supply> by kind
     */
    public function of(array $edges, array $runs, array $closures): array
    {
        $this->sum = new SupplySum;
        foreach ($edges as $built) {
            foreach ($built->section->layers as $placed) {
                $this->layer($built, $placed);
            }
        }
        foreach ($runs as $run) {
            $seal = $run->layer->lap > 0.0 ? $run->layer->seal() : null;
            if ($seal !== null) {
                $this->seal($seal, (count($run->pieces) - 1) * $run->girth);
            }
        }
        foreach ($closures as $closure) {
            if (in_array($closure->kind, self::PER_PAN, true)) {
                $this->sum->take(Item::of(SupplyKind::MetalClosure, $closure->kind), 1.0);
            }
        }

        return $this->sum->byKind();
    }

    private function layer(BuiltEdge $built, PlacedLayer $placed): void
    {
        $layer = $placed->layer;
        $length = $built->edge->length();
        $this->fasteners($built, $placed);
        match (true) {
            in_array($layer->side(), self::AT_SEAMS, true) => $layer->seal() === null ? null : $this->seal($layer->seal(), $this->pans($built) * $this->atSeam($layer->side())),
            $layer->role === LayerRole::Tape, $layer->role === LayerRole::Sealant => $layer->seal() === null ? null : $this->seal($layer->seal(), $length),
            $layer->role === LayerRole::Closure && ! in_array($layer->side(), self::PER_PAN, true) => $this->sum->take(Item::of(SupplyKind::Foam, $layer->side()), $length),
            $layer->role === LayerRole::Vent => $this->sum->take(Item::of(SupplyKind::Vent, $layer->side()), $length),
            default => null,
        };
    }

    private function fasteners(BuiltEdge $built, PlacedLayer $placed): void
    {
        $fastener = $placed->layer->fastener;
        // Panels are held with the field.
        if ($fastener === null || $placed->layer->role === LayerRole::Panel) {
            return;
        }
        $count = $fastener->spacing > 0.0 ? $built->fasteners($placed, $this->profile)->count(count($placed->fasteners)) : $this->atRibs($built) * count($placed->fasteners);
        $this->sum->take(Item::of(SupplyKind::Fastener, $fastener->kind->value), (float) $count);
    }

    /** What is a tape by its size, else a bead as thick as a tube lays it. */
    private function seal(Seal $seal, float $length): void
    {
        if ($seal->high > 0.0) {
            $this->sum->take(Item::tape($seal->high, $seal->width), $length * $seal->beads);

            return;
        }
        $this->sum->take(Item::of(SupplyKind::Sealant, $seal->kind->value), $length * $seal->beads * ($seal->width / self::BEAD) ** 2);
    }

    /** Pans that end at an edge, and so its seams but for one. */
    private function pans(BuiltEdge $built): int
    {
        return (int) ceil($this->across($built) / $this->profile->cover - 1e-9);
    }

    /** Where one stands at every rib: in the middle of each pan between seams that stand, else on each rib. */
    private function atRibs(BuiltEdge $built): int
    {
        $ribs = $this->profile->ribs;

        return $this->profile->family->isConcealed() || count($ribs) < 2 ? $this->pans($built) : (int) floor($this->across($built) / ($ribs[1] - $ribs[0]) + 1e-9) + 1;
    }

    /** Across the panels, inches. */
    private function across(BuiltEdge $built): float
    {
        return $built->edge->length() * sin(deg2rad(array_values($built->edge->angleToRibDegrees)[0] ?? 90.0));
    }

    /** In a leg's last inch; or up, over and down a seam. */
    private function atSeam(string $layer): float
    {
        return $layer === 'seam-bead' ? 1.0 : 2.0 * $this->profile->height + 1.0;
    }
}
