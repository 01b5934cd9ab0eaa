<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\Cutting\Fit\SideTaped;
use Imbrex\Core\Cutting\Fit\Taped;
use Imbrex\Core\Facts\Fact;
use Imbrex\Core\Facts\FactKind;
use Imbrex\Core\Facts\FactLog;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Survey\Source;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Documents\Understood;

/** Reads what was taped of edges' true lines: on a side of a panel that is set, or at a seam. */
final class MarkReader
{
    private const AT_A_SEAM = ['u', 'v'];

    private const ON_A_PANEL = ['panel', 'side', 'from', 'measured'];

    private const AGAINST_ITS_CARD = ['panel', 'side', 'from', 'card', 'toward', 'amount'];

    private const OF_ALL = ['face', 'source'];

    private const BESIDES = ['confirmed', 'before'];

    /** Panels cut before a mark was taped keep their cards, and so do those that were taped on. */
    public static function of(FactLog $log): Taped
    {
        [$marks, $set] = [[], []];
        foreach ($log->standing(FactKind::Cut, FactKind::Taped) as $fact) {
            if ($fact->kind === FactKind::Cut) {
                $set[$fact->subject] = true;

                continue;
            }
            if (self::faults($fact, '') !== []) {
                // Corrected to what is no mark: it says nothing.
                continue;
            }
            $said = $fact->said;
            $taped = self::taped($said);
            if ($taped instanceof SideTaped) {
                $set[$taped->panel] = true;
            }
            $before = $said['before'] ?? null;
            $marks[] = new Observation(
                id: $fact->id,
                edge: $fact->subject,
                face: self::text($said, 'face'),
                taped: $taped,
                source: Source::from(self::text($said, 'source')),
                confirmed: ($said['confirmed'] ?? false) === true,
                before: is_array($before) ? array_values(array_filter($before, is_string(...))) : array_map(strval(...), array_keys($set)),
            );
        }

        return new Taped($marks);
    }

    /**
     * What is missing of a mark, and what is too much.
     *
     * @return list<Fault>
     */
    public static function faults(Fact $fact, string $field): array
    {
        $form = self::form($fact->said);
        $own = [...$form, ...($form === self::ON_A_PANEL ? ['hems'] : [])];
        $faults = [];
        foreach (array_diff([...$form, ...self::OF_ALL], array_keys($fact->said)) as $name) {
            $faults[] = new Fault("$field.$name", 'observation-needs', Understood::NOTHING, ['form' => implode(', ', $form)]);
        }
        foreach (array_diff(array_keys($fact->said), $own, self::OF_ALL, self::BESIDES) as $name) {
            $faults[] = new Fault("$field.$name", 'observation-besides', Understood::inWords($fact->said[$name]), ['form' => implode(', ', $own)]);
        }

        return $faults;
    }

    /**
     * @param  array<string, mixed>  $said
     * @return list<string>
     */
    private static function form(array $said): array
    {
        return match (true) {
            isset($said['panel']) && isset($said['card']) => self::AGAINST_ITS_CARD,
            isset($said['panel']) => self::ON_A_PANEL,
            default => self::AT_A_SEAM,
        };
    }

    /** @param  array<string, mixed>  $said */
    private static function taped(array $said): SideTaped|Point
    {
        $form = self::form($said);
        if ($form === self::AT_A_SEAM) {
            return new Point(self::inches($said, 'u'), self::inches($said, 'v'));
        }
        [$panel, $long, $fromHead] = [self::text($said, 'panel'), $said['side'] === 'long', $said['from'] === 'T'];

        return $form === self::ON_A_PANEL
            ? new SideTaped($panel, $long, self::inches($said, 'measured'), $fromHead, ($said['hems'] ?? 'flat') === 'folded')
            : SideTaped::off($panel, $long, self::inches($said, 'card'), $fromHead, self::inches($said, 'amount') * ($said['toward'] === 'downhill' ? -1.0 : 1.0));
    }

    /** @param  array<string, mixed>  $said */
    private static function text(array $said, string $name): string
    {
        return is_string($said[$name] ?? null) ? $said[$name] : '';
    }

    /** @param  array<string, mixed>  $said */
    private static function inches(array $said, string $name): float
    {
        return is_numeric($said[$name] ?? null) ? (float) $said[$name] : 0.0;
    }
}
