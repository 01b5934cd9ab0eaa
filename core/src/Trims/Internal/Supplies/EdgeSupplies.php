<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Supplies;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\Ground\Metalwork\Seal;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Supplies\SupplyKind;
use Imbrex\Core\Trims\Closure;
use Imbrex\Core\Trims\TrimRun;

/** Counts what the edges of a roof take besides their trims: tapes, beads, foam and vents by the foot, fasteners and metal closures by number. */
final class EdgeSupplies
{
    private const FOOT = 12.0;

    /** A tube holds so much (in) of a bead a quarter wide; catalogue. */
    private const TUBE = 24.0 * self::FOOT;

    private const BEAD = 0.25;

    /** Closures of foam come so long (in), vents in rolls; catalogue. */
    private const FOAM = 36.0;

    private const VENT = 20.0 * self::FOOT;

    /** Beads that lie at every seam, not along the edge. */
    private const AT_SEAMS = ['seam-bead', 'seam-sealant'];

    /** What each pan has its own of is counted with the pans. */
    private const PER_PAN = ['head-closure', 'metal-closure'];

    /** @var array<string, array{SupplyKind, string, float, float}> */
    private array $taken = [];

    public function __construct(private readonly Profile $profile)
    {
    }

    /**
     * @param  list<BuiltEdge>  $edges
     * @param  list<TrimRun>  $runs
     * @param  list<Closure>  $closures
     * @return list<Supply> by kind
     */
    public function of(array $edges, array $runs, array $closures): array
    {
        $this->taken = [];
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
                $this->take(SupplyKind::MetalClosure, $closure->kind, 1.0, 1.0);
            }
        }
        ksort($this->taken);
        $supplies = array_map(static fn (array $one): Supply => new Supply(...$one), array_values($this->taken));

        return array_values(array_filter($supplies, static fn (Supply $one): bool => $one->amount > 0.0));
    }

    private function layer(BuiltEdge $built, PlacedLayer $placed): void
    {
        $layer = $placed->layer;
        $length = $built->edge->length();
        $this->fasteners($built, $placed);
        match (true) {
            in_array($layer->side(), self::AT_SEAMS, true) => $layer->seal() === null ? null : $this->seal($layer->seal(), $this->pans($built) * $this->atSeam($layer->side())),
            $layer->role === LayerRole::Tape, $layer->role === LayerRole::Sealant => $layer->seal() === null ? null : $this->seal($layer->seal(), $length),
            $layer->role === LayerRole::Closure && ! in_array($layer->side(), self::PER_PAN, true) => $this->take(SupplyKind::Foam, $layer->side(), $length, self::FOAM),
            $layer->role === LayerRole::Vent => $this->take(SupplyKind::Vent, $layer->side(), $length, self::VENT),
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
        $this->take(SupplyKind::Fastener, $fastener->kind->value, (float) $count, $fastener->kind === FastenerKind::Washered ? 100.0 : 250.0);
    }

    /** What is a tape by its size, else a bead as thick as a tube lays it. */
    private function seal(Seal $seal, float $length): void
    {
        if ($seal->high > 0.0) {
            $this->take(SupplyKind::Tape, "$seal->high $seal->width", $length * $seal->beads, match (true) {
                $seal->width <= 0.5 => 50.0,
                $seal->high <= 0.1 => 45.0,
                default => 40.0,
            } * self::FOOT);

            return;
        }
        $this->take(SupplyKind::Sealant, $seal->kind->value, $length * $seal->beads * ($seal->width / self::BEAD) ** 2, self::TUBE);
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

    private function take(SupplyKind $kind, string $key, float $amount, float $pack): void
    {
        $place = array_search($kind, SupplyKind::cases(), true)." $key";
        $this->taken[$place] ??= [$kind, $key, 0.0, $pack];
        $this->taken[$place][2] += $amount;
    }
}
