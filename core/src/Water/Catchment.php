<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\Strip;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Water\Internal\Cover;
use Imbrex\Core\Water\Internal\FaceCells;
use Imbrex\Core\Water\Internal\Runoff;

/** A roof as rain meets it: its cells, and the ways from them. */
final readonly class Catchment
{
    /**
     * @param  array<string, FaceCells>  $cells  by face
     * @param  array<string, string>  $behind  openings by the edges of what is built behind them
     */
    private function __construct(public Roof $roof, public array $cells, public Runoff $runoff, public array $behind)
    {
    }

    public static function of(Plan $plan): self
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $layouts = $plan->of(LayoutStage::class)->layouts;
        $cells = $pans = [];
        foreach ($roof->faces as $face) {
            $strips = ($layouts[$face->id] ?? null)->strips ?? [];
            $pans[$face->id] = array_map(static fn (Strip $strip): array => [$strip->left, $strip->right, $strip->position], $strips);
            $cells[$face->id] = new FaceCells($face, array_merge(...array_map(static fn (Strip $strip): array => [$strip->left, $strip->right], $strips)), Cover::over($face, $roof->faces));
        }

        $behind = self::behind($roof);
        $leaks = [];
        foreach ($plan->of(OpeningsStage::class)->openings as $id => $flashed) {
            if (! $flashed->sheds()) {
                $leaks[(string) $id] = $flashed->faults[0]->piece->value;
            }
        }

        return new self($roof, $cells, new Runoff(
            roof: $roof,
            cells: $cells,
            pans: $pans,
            built: $plan->of(EdgesStage::class)->edges,
            gutters: $plan->job->part(WaterInput::class)->gutters,
            leaks: $leaks,
            behind: $behind,
        ), $behind);
    }

    /** @return array<string, string> openings by the edges of what is built behind them */
    private static function behind(Roof $roof): array
    {
        $behind = [];
        foreach ($roof->edges as $edge) {
            foreach ($edge->faces as $face) {
                $opening = $roof->face($face)?->behind;
                if ($opening !== null) {
                    $behind[$edge->id] = $opening;
                }
            }
        }

        return $behind;
    }
}
