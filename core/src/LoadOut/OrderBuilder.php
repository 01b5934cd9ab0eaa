<?php

declare(strict_types=1);

namespace Imbrex\Core\LoadOut;

use Imbrex\Core\Catalogue\Material;
use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Cutting\Pairing;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Rules\RuleSet;
use Imbrex\Core\Units\Rounding;

/** Gathers panels into an order: equal lengths in one line, a rip counted as the full panel it is cut from. */
final readonly class OrderBuilder
{
    public function __construct(private Profile $profile, private Material $material, private string $gauge, private RuleSet $rules)
    {
    }

    /** @param  list<Panel>  $panels */
    public function build(array $panels, ?Pairing $pairing = null): Order
    {
        $groups = [];
        $length = 0.0;
        foreach ($this->sheets($panels, $pairing ?? Pairing::none()) as $sheet) {
            $groups[Rounding::Nearest->steps($sheet[0], Tolerance::SAME_CUT)][] = $sheet;
            $length += $sheet[0];
        }
        krsort($groups);
        $lines = array_map($this->line(...), array_values($groups));
        $covered = array_sum(array_map(fn (Panel $p): float => $this->flatArea($p), $panels));
        $area = $this->squareFeet($length);

        return new Order(
            $lines,
            array_sum(array_map(static fn (OrderLine $line): int => $line->quantity, $lines)),
            $length / 12.0,
            $this->profile->coil,
            $area,
            max(0.0, $area - $covered),
            $area * $this->material->poundsPerSquareFoot($this->gauge),
        );
    }

    /**
     * What is ordered for them: a sheet each, or one for two that share it, where the lower one stands in the list.
     *
     * @param  list<Panel>  $panels
     * @return list<array{float, non-empty-list<Panel>}> order length, and the panels that come out of it
     */
    private function sheets(array $panels, Pairing $pairing): array
    {
        $byId = [];
        foreach ($panels as $panel) {
            $byId[$panel->id] = $panel;
        }
        $sheets = [];
        foreach ($panels as $panel) {
            $pair = $pairing->of($panel->id);
            if ($pair === null) {
                $sheets[] = [$panel->orderLength, [$panel]];
            } elseif ($pair->lower === $panel->id) {
                $sheets[] = [$pair->orderLength, [$panel, $byId[$pair->upper]]];
            }
        }

        return $sheets;
    }

    /** @param  non-empty-list<array{float, non-empty-list<Panel>}>  $sheets  of one length */
    private function line(array $sheets): OrderLine
    {
        $length = $sheets[0][0];
        $panels = array_merge(...array_map(static fn (array $sheet): array => $sheet[1], $sheets));
        $each = $this->squareFeet($length);
        $pounds = $each * $this->material->poundsPerSquareFoot($this->gauge);

        return new OrderLine(
            $this->profile->key,
            $this->profile->hand->value,
            $length,
            count($sheets),
            count(array_filter($panels, static fn (Panel $p): bool => $p->rip !== null)),
            array_map(static fn (Panel $p): string => $p->id, $panels),
            $each * count($sheets),
            $pounds * count($sheets),
            $pounds,
            max(1, (int) ceil($length / $this->rules->number('load.handHold'))),
        );
    }

    /** Flat metal that ends up on the roof: the share of the coil's width the panel keeps, over its blank's length. */
    private function flatArea(Panel $panel): float
    {
        $share = min(1.0, $panel->strip->width() / $this->profile->cover);

        return $this->squareFeet($panel->long) * $share;
    }

    private function squareFeet(float $length): float
    {
        return $length * $this->profile->coil / 144.0;
    }
}
