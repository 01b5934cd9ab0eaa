<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement\Internal;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\CuttingResult;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Movement\HemClosing;
use Imbrex\Core\Roof\Face;

/** The hems panels hang on their cleats with: how deep, at which edges, and when each is closed. */
final readonly class Hems
{
    private const HEMMED = [EdgeKind::Eave, EdgeKind::Valley];

    public function __construct(private CuttingResult $cutting, private Builds $builds)
    {
    }

    /** The shallowest a face's panels have, inches; none where they have none. */
    public function depth(Face $face): float
    {
        $hems = array_filter($this->of($face));

        return $hems === [] ? 0.0 : min($hems);
    }

    /**
     * A panel with one hem is hooked on by sliding it up: its hem is closed to the gap before. One with two cannot slide onto both: at the
     * eave it is hooked, at the valley its hem stays open until it lies.
     *
     * @return list<HemClosing>
     */
    public function closings(Face $face): array
    {
        $hems = $this->of($face);
        $closings = [];
        foreach ($this->cutting->panelsOf($face->id) as $panel) {
            $kinds = $this->kinds($panel, $face, $hems);
            foreach ($kinds as $kind) {
                $isAfter = $kind === EdgeKind::Valley && count($kinds) > 1;
                $closings["$kind->value ".(int) $isAfter][] = [$kind, $isAfter, $panel->id];
            }
        }
        ksort($closings);

        return array_map(static fn (array $alike): HemClosing => new HemClosing($face->id, $alike[0][0], $alike[0][1], array_column($alike, 2)), array_values($closings));
    }

    /** @return array<int, float> inches deep, by side */
    private function of(Face $face): array
    {
        $hems = [];
        foreach ($face->edges as $side => $kind) {
            if (in_array($kind, self::HEMMED, true)) {
                $hems[$side] = $this->builds->at($face, 0, $side)->allowance(true)->hem;
            }
        }

        return array_filter($hems, static fn (float $hem): bool => $hem > 0.0);
    }

    /**
     * @param  array<int, float>  $hems  by side
     * @return list<EdgeKind> hemmed edges a panel ends at
     */
    private function kinds(Panel $panel, Face $face, array $hems): array
    {
        $kinds = [];
        foreach (array_keys($panel->sheet->corners) as $side) {
            $tag = $panel->sheet->tag($side);
            if (isset($hems[$tag]) && $panel->sheet->sideLength($side) > 1e-3) {
                $kinds[$face->edges[$tag]->value] = $face->edges[$tag];
            }
        }

        return array_values($kinds);
    }
}
