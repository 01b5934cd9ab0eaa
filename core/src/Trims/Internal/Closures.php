<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Cutting\CuttingResult;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Trims\Closure;

/** Closes every pan that ends at an edge: clear width between the seams is the cover less the legs that stand in it. */
final class Closures
{
    /** Layers each pan has its own piece of. */
    private const PER_PAN = ['zee', 'head-closure', 'metal-closure'];

    /** A pan ends at an edge where it comes this near (in); a ridge's panels are held back from it. */
    private const NEAR = 12.0;

    /** Narrower (in) than this nothing is closed. */
    private const LEAST = 0.5;

    /** @var array<string, list<Panel>> by face */
    private array $panels = [];

    public function __construct(private readonly Roof $roof, private readonly Profile $profile, CuttingResult $cutting)
    {
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
            if ($this->profile->family->isConcealed() && in_array($layer->side(), self::PER_PAN, true)) {
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
        [$from, $to] = [$face->frame->toDeck($built->edge->from), $face->frame->toDeck($built->edge->to)];
        [$left, $right] = $from->u <= $to->u ? [$from, $to] : [$to, $from];
        $wide = $right->u - $left->u;
        if ($wide < self::LEAST) {
            return [];
        }
        $closures = [];
        foreach ($this->panels[$face->id] ?? [] as $panel) {
            [$from, $to] = $this->clear($panel);
            [$low, $high] = [max($from, $left->u), min($to, $right->u)];
            $at = $left->v + ($right->v - $left->v) * (($low + $high) / 2.0 - $left->u) / $wide;
            $bounds = $panel->metal->bounds();
            if ($high - $low >= self::LEAST && $at > $bounds->bottom - self::NEAR && $at < $bounds->top + self::NEAR) {
                $closures[] = new Closure(
                    edge: $built->edge->id,
                    face: $face->id,
                    kind: $layer->side(),
                    left: $low,
                    right: $high,
                    at: ($low - $left->u) * $left->distanceTo($right) / $wide,
                    length: ($high - $low) * $left->distanceTo($right) / $wide,
                    isCut: $high - $low < $panel->strip->cover - $this->legs() - 1e-6,
                );
            }
        }
        usort($closures, static fn (Closure $a, Closure $b): int => $a->left <=> $b->left);

        return $closures;
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
