<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Cutting\CuttingResult;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\EdgeMover;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Core\Trims\Closure;

/** Closes every pan that ends at an edge: clear width between the seams is the cover less the legs that stand in it. */
final class Closures
{
    /** A pan ends at an edge where it comes this near (in); a ridge's panels are held back from it. */
    private const NEAR = 12.0;

    /** Narrower (in) than this nothing is closed. */
    private const LEAST = 0.5;

    /** @var array<string, list<Panel>> by face */
    private array $panels = [];

    /** @var array<string, array<string, list<array{Point, Point}>>> by face and edge: where the middle of what closes its pans stands, from left to right */
    private array $lines = [];

    private readonly SideFinder $sides;

    public function __construct(private readonly Roof $roof, private readonly Builds $builds, private readonly Profile $profile, CuttingResult $cutting)
    {
        $this->sides = new SideFinder($roof);
        foreach ($cutting->panels as $panel) {
            $this->panels[$panel->face][] = $panel;
        }
    }

    /** @return list<Closure> of one edge, face by face, from left to right */
    public function of(BuiltEdge $built): array
    {
        $closures = [];
        foreach ($built->section->layers as $placed) {
            $layer = $placed->layer;
            if ($this->profile->family->isConcealed() && $layer->closesPans()) {
                array_push($closures, ...$this->along($built, $layer));
            }
        }

        return $closures;
    }

    /** @return list<Closure> */
    private function along(BuiltEdge $built, Layer $layer): array
    {
        $isFar = $layer->key !== $layer->side();
        $face = $this->roof->face($built->edge->faces[$isFar ? 1 : 0] ?? '');
        if ($face?->frame === null) {
            return [];
        }
        $closures = [];
        foreach (($this->lines[$face->id] ??= $this->linesOn($face))[$built->edge->id] ?? [] as $line) {
            foreach ($this->panels[$face->id] ?? [] as $panel) {
                $closure = $this->between($built, $layer, $panel, $line);
                if ($closure !== null) {
                    $closures[] = $closure;
                }
            }
        }
        usort($closures, static fn (Closure $a, Closure $b): int => $a->left <=> $b->left);

        return $closures;
    }

    /** @param  array{Point, Point}  $line  from left to right */
    private function between(BuiltEdge $built, Layer $layer, Panel $panel, array $line): ?Closure
    {
        [$left, $right] = $line;
        $wide = $right->u - $left->u;
        [$from, $to] = $this->clear($panel);
        [$low, $high] = [max($from, $left->u), min($to, $right->u)];
        $at = static fn (float $u): Point => new Point($u, $left->v + ($right->v - $left->v) * ($u - $left->u) / $wide);
        $bounds = $panel->metal->bounds();
        $middle = $at(($low + $high) / 2.0)->v;
        if ($high - $low < self::LEAST || $middle < $bounds->bottom - self::NEAR || $middle > $bounds->top + self::NEAR) {
            return null;
        }

        return new Closure(
            edge: $built->edge->id,
            face: $panel->face,
            kind: $layer->side(),
            left: $low,
            right: $high,
            at: $left->distanceTo($at($low)),
            length: $at($low)->distanceTo($at($high)),
            line: [$at($low), $at($high)],
            isCut: $high - $low < $panel->strip->cover - $this->legs() - 1e-6,
        );
    }

    /**
     * Where two closed edges meet their lines do, inside: what stands along them ends there, and is as long as where it stands.
     *
     * @return array<string, list<array{Point, Point}>> by edge
     */
    private function linesOn(Face $face): array
    {
        $lines = [];
        foreach ($face->region()->loops() as $number => $loop) {
            $in = array_map(fn (int $side): float => $this->builds->at($face, $number, $side)->closedAt() ?? 0.0, array_keys($loop->corners));
            $last = count($in) - 1;
            foreach (array_filter($in) as $side => $off) {
                $edge = $this->sides->edge($face, $number, $side)?->id;
                [$from, $to] = (new EdgeMover)->side($loop, $side, -$off, -$in[$side === 0 ? $last : $side - 1], -$in[$side === $last ? 0 : $side + 1]);
                $drawn = $loop->corner($side + 1)->u - $loop->corner($side)->u;
                // A line whose neighbours' meet before it begins closes nothing.
                if ($edge !== null && abs($to->u - $from->u) >= self::LEAST && $drawn * ($to->u - $from->u) > 0.0) {
                    $lines[$edge][] = $from->u <= $to->u ? [$from, $to] : [$to, $from];
                }
            }
        }

        return $lines;
    }

    /** @return array{float, float} of a panel, between the legs that stand in its pan; u on the face */
    private function clear(Panel $panel): array
    {
        // The neighbour's male leg stands inside the left module line, the next one's female leg inside the right; a cut side has none.
        return [
            $panel->cutLeft ? $panel->strip->left : $panel->strip->left + $this->profile->rightMetal,
            $panel->cutRight ? $panel->strip->right : $panel->strip->right - $this->profile->leftMetal,
        ];
    }

    private function legs(): float
    {
        return $this->profile->leftMetal + $this->profile->rightMetal;
    }
}
