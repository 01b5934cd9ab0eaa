<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\Junctions\MeetingPoints;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Trims\EndKind;

/** What the runs of an edge meet at its two ends. */
final class RunEnds
{
    /** Layers whose ends nobody sees: they are cut square. */
    private const HIDDEN = ['receiver', 'rake-angle', 'rake-zee'];

    /** @var array<string, list<array{Point, list<Edge>}>> by edge: where others end with it */
    private array $meeting = [];

    public function __construct(Roof $roof)
    {
        foreach (MeetingPoints::of($roof) as [$at, $edges]) {
            usort($edges, static fn (Edge $a, Edge $b): int => [$a->kind->value, -Tolerance::step($a->length()), $a->id] <=> [$b->kind->value, -Tolerance::step($b->length()), $b->id]);
            foreach ($edges as $edge) {
                $this->meeting[$edge->id][] = [$at, array_values(array_filter($edges, static fn (Edge $other): bool => $other->id !== $edge->id))];
            }
        }
    }

    /**
     * @param  string  $layer  key, without the side it lies on
     * @param  Point  $at  in plan
     * @param  bool  $isHigh  of an edge that climbs: its upper end
     */
    public function of(Edge $edge, string $layer, LayerRole $role, Point $at, bool $isHigh): EndKind
    {
        $others = $this->others($edge, $at);
        $kinds = array_map(static fn (Edge $other): EdgeKind => $other->kind, $others);
        $meets = static fn (EdgeKind ...$wanted): bool => array_filter($kinds, static fn (EdgeKind $kind): bool => in_array($kind, $wanted, true)) !== [];
        if ($layer === 'receiver' && $isHigh) {
            return EndKind::KeptBack;
        }
        if ($role === LayerRole::Cleat || in_array($layer, self::HIDDEN, true)) {
            return EndKind::Plain;
        }
        // Of two alike one has the tab, the other is cut to it.
        $hasTab = array_filter($others, static fn (Edge $other): bool => $other->kind === $edge->kind && self::tabOrder($other, $at) < self::tabOrder($edge, $at)) === [];

        return match ($edge->kind) {
            EdgeKind::Eave, EdgeKind::Peak => match (true) {
                $meets(EdgeKind::Rake) => EndKind::RoundRake,
                $meets(EdgeKind::Eave, EdgeKind::Peak, EdgeKind::Hip, EdgeKind::Valley) => $hasTab ? EndKind::CornerTab : EndKind::CornerCut,
                default => EndKind::Plain,
            },
            EdgeKind::Rake => match (true) {
                ! $isHigh => $meets(EdgeKind::Eave) ? EndKind::NoseFold : EndKind::Plain,
                $meets(EdgeKind::Rake) => $hasTab ? EndKind::MitreTab : EndKind::MitreCut,
                default => EndKind::UnderCap,
            },
            EdgeKind::Ridge => match (true) {
                $meets(EdgeKind::Rake) => EndKind::OverRake,
                $meets(EdgeKind::Hip) => EndKind::OverHips,
                $meets(EdgeKind::Valley, EdgeKind::Headwall, EdgeKind::Sidewall) => EndKind::LeftLong,
                default => EndKind::Plain,
            },
            EdgeKind::Hip => $isHigh ? EndKind::HipPoint : EndKind::HipFoot,
            EdgeKind::Valley => match (true) {
                $isHigh => EndKind::ValleyHead,
                // Not at the eaves but beside what a cricket stands behind.
                $meets(EdgeKind::Sidewall) && ! $meets(EdgeKind::Eave) => EndKind::SaddleFoot,
                default => EndKind::ValleyFoot,
            },
            EdgeKind::Headwall, EdgeKind::Transition => match (true) {
                $meets(EdgeKind::Rake, EdgeKind::Sidewall, EdgeKind::Headwall) => EndKind::WallTab,
                $edge->kind === EdgeKind::Headwall && ($others === [] || $meets(EdgeKind::Valley)) => EndKind::UnderPan,
                default => EndKind::Plain,
            },
            EdgeKind::Sidewall => match (true) {
                ! $isHigh && $meets(EdgeKind::Eave) => EndKind::KickOut,
                $meets(EdgeKind::Headwall) => EndKind::WallTab,
                $isHigh && $meets(EdgeKind::Valley) => EndKind::UnderPan,
                default => EndKind::Plain,
            },
            default => EndKind::Plain,
        };
    }

    /**
     * Of two that meet the longer one has the tab; of two as long the one that has its roof on the left on the way from there, then by name.
     *
     * @return array{int, int, string}
     */
    private static function tabOrder(Edge $edge, Point $at): array
    {
        return [-Tolerance::step($edge->length()), $edge->from->distanceTo($at) <= $edge->to->distanceTo($at) ? 0 : 1, $edge->id];
    }

    /** @return list<Edge> that end where one does, but for itself */
    public function others(Edge $edge, Point $at): array
    {
        foreach ($this->meeting[$edge->id] ?? [] as [$point, $others]) {
            if ($point->distanceTo($at) < MeetingPoints::NEAR) {
                return $others;
            }
        }

        return [];
    }
}
