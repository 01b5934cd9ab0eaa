<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Movement\HemClosing;
use Imbrex\Core\Movement\HemWindow;
use Imbrex\Core\Movement\MovementResult;
use Imbrex\Core\Movement\MovementStage;
use Imbrex\Core\Movement\PanelMovement;
use Imbrex\Core\Movement\TrimMovement;
use Imbrex\Core\Plan;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/**
 * How a face's hems are set: between what on any day, at what today, which are closed when; and what joints of trims are left.
 *
 * @phpstan-type HemSliceShape array{
 *     face: string,
 *     said: string,
 *     fixed: 'head'|'middle'|'foot',
 *     coldF: float,
 *     table: HemTableShape|null,
 *     today: HemTodayShape|null,
 *     closings: list<string>,
 *     trims: list<string>,
 * }
 * @phpstan-type HemTableShape array{
 *     days: list<array{metalF: float, said: string}>,
 *     lengths: list<array{length: float, said: string, windows: list<array{said: string, fits: bool}>}>,
 * }
 * @phpstan-type HemTodayShape array{
 *     said: string,
 *     lengths: list<array{length: float, set: string, window: string, fits: bool, habit: string}>,
 * }
 */
final readonly class HemTable
{
    public function __construct(private Words $words)
    {
    }

    /**
     * @param  string|null  $pick  a face; the first where null or unknown
     * @return HemSliceShape
     */
    public function of(Plan $plan, ?string $pick): array
    {
        $result = $plan->of(MovementStage::class);
        $faces = array_keys($plan->of(HoldDownStage::class)->faces);
        $face = in_array($pick, $faces, true) ? $pick : $faces[0] ?? '';
        $own = $this->lengths($result, $face);

        return [
            'face' => $face,
            'said' => $this->words->say('hem.said', ['cold' => $this->words->measures($plan->job->units)->degrees($result->range->coldF), 'hot' => $this->words->measures($plan->job->units)->degrees($result->range->hotF), 'fixed' => $own === [] ? 'through' : $result->fixed->value]),
            'fixed' => $result->fixed->value,
            'coldF' => $result->range->coldF,
            'table' => $own === [] ? null : $this->table($plan, $own),
            'today' => $own === [] || $result->todayF === null ? null : $this->today($plan, $own, $result->todayF),
            'closings' => array_values(array_map(fn (HemClosing $one): string => $this->closing($plan, $one), array_filter($result->closings, static fn (HemClosing $one): bool => $one->face === $face))),
            'trims' => $this->trims($plan, $result),
        ];
    }

    /** @return list<PanelMovement> its longest, a middling and its shortest length */
    private function lengths(MovementResult $result, string $face): array
    {
        $own = array_values(array_filter($result->movements, static fn (PanelMovement $one): bool => in_array($face, $one->faces, true)));
        $shown = $own === [] ? [] : array_values(array_unique([0, intdiv(count($own) - 1, 2), count($own) - 1]));

        return array_map(static fn (int $i): PanelMovement => $own[$i], $shown);
    }

    /** Never more than the window: its least rounded up, its most down. */
    private function window(HemWindow $window, TapePrinter $tape): string
    {
        return $this->words->say('hem.window', ['open' => $window->isOpen() ? 'yes' : 'no', 'least' => $tape->print(max(0.0, $window->least), Rounding::Up), 'most' => $tape->print(max(0.0, $window->most), Rounding::Down)]);
    }

    /**
     * @param  list<PanelMovement>  $own
     * @return HemTableShape
     */
    private function table(Plan $plan, array $own): array
    {
        $tape = Wire::tape($plan)->inInches();

        return [
            'days' => array_map(fn (HemWindow $window): array => ['metalF' => $window->metalF, 'said' => $this->words->measures($plan->job->units)->degrees($window->metalF)], $own[0]->windows),
            'lengths' => array_map(fn (PanelMovement $one): array => [
                'length' => $one->length,
                'said' => $this->words->say('hem.moves', ['total' => $tape->print($one->total, Rounding::Up), 'moves' => $one->atHead > 1e-9 ? 'yes' : 'no', 'head' => $tape->print($one->atHead, Rounding::Up), 'hem' => $tape->print($one->hem)]),
                'windows' => array_map(fn (HemWindow $window): array => ['said' => $this->window($window, $tape), 'fits' => $window->holds(...$this->habit($plan))], $one->windows),
            ], $own),
        ];
    }

    /**
     * @param  list<PanelMovement>  $own
     * @return HemTodayShape
     */
    private function today(Plan $plan, array $own, float $metalF): array
    {
        $tape = Wire::tape($plan)->inInches();
        [$least, $most] = $this->habit($plan);
        $lengths = [];
        foreach ($own as $one) {
            if ($one->today !== null) {
                $set = $one->today->setting();
                $fits = $one->today->holds($least, $most);
                $lengths[] = [
                    'length' => $one->length, 'set' => $set === null ? $this->words->say('hem.set-none') : $tape->print($set), 'window' => $this->window($one->today, $tape), 'fits' => $fits,
                    'habit' => $this->words->say('hem.habit', ['least' => $tape->print($least), 'most' => $tape->print($most), 'fits' => $fits ? 'yes' : 'no']),
                ];
            }
        }

        return ['said' => $this->words->say('hem.today', ['metal' => $this->words->measures($plan->job->units)->degrees($metalF)]), 'lengths' => $lengths];
    }

    /** @return array{float, float} inches */
    private function habit(Plan $plan): array
    {
        $rules = $plan->job->covering->rules;

        return [$rules->number('move.habitLeast'), $rules->number('move.habitMost')];
    }

    private function closing(Plan $plan, HemClosing $one): string
    {
        return $this->words->say('hem.closing', ['edge' => $one->edge->value, 'when' => $one->isAfter ? 'after' : 'before', 'count' => count($one->panels), 'panels' => $this->words->list($plan->of(CuttingStage::class)->names(array_slice($one->panels, 0, 1)))]);
    }

    /** @return list<string> a metal each: what its widest joint takes, and what is left there today */
    private function trims(Plan $plan, MovementResult $result): array
    {
        $worst = $counts = [];
        foreach ($result->trims as $one) {
            $counts[$one->metal] = ($counts[$one->metal] ?? 0) + $one->joints;
            $worst[$one->metal] = ($worst[$one->metal] ?? null)?->joint >= $one->joint ? $worst[$one->metal] : $one;
        }
        $tape = Wire::tape($plan)->inInches();
        $gap = $plan->job->rules->number('move.splice');

        return array_values(array_map(fn (TrimMovement $one): string => $this->words->say('hem.trims', [
            'metal' => $this->words->say("material.$one->metal"), 'count' => $counts[$one->metal], 'joint' => $tape->print($one->joint, Rounding::Up), 'gap' => $tape->print($gap), 'enough' => ($one->gapToday ?? $one->joint) <= $gap + 1e-9 ? 'yes' : 'no',
            'today' => $one->gapToday === null ? 'none' : $tape->print($one->gapToday, Rounding::Up),
        ]), $worst));
    }
}
