<?php

declare(strict_types=1);

namespace Imbrex\Core\LoadOut;

use Imbrex\Core\Catalogue\Material;
use Imbrex\Core\Catalogue\Profile;
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
    public function build(array $panels): Order
    {
        $groups = [];
        foreach ($panels as $panel) {
            $groups[Rounding::Nearest->steps($panel->orderLength, Tolerance::SAME_CUT)][] = $panel;
        }
        krsort($groups);
        $lines = array_map($this->line(...), array_values($groups));
        $length = array_sum(array_map(static fn (Panel $p): float => $p->orderLength, $panels));
        $covered = array_sum(array_map(fn (Panel $p): float => $this->flatArea($p), $panels));
        $area = $this->squareFeet($length);

        return new Order(
            $lines,
            count($panels),
            $length / 12.0,
            $this->profile->coil,
            $area,
            max(0.0, $area - $covered),
            $area * $this->material->poundsPerSquareFoot($this->gauge),
        );
    }

    /** @param  non-empty-list<Panel>  $panels */
    private function line(array $panels): OrderLine
    {
        $length = $panels[0]->orderLength;
        $each = $this->squareFeet($length);
        $pounds = $each * $this->material->poundsPerSquareFoot($this->gauge);

        return new OrderLine(
            $this->profile->key,
            $this->profile->hand->value,
            $length,
            count($panels),
            count(array_filter($panels, static fn (Panel $p): bool => $p->rip !== null)),
            array_map(static fn (Panel $p): string => $p->id, $panels),
            $each * count($panels),
            $pounds * count($panels),
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
