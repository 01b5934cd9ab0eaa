<?php

declare(strict_types=1);

namespace App\Stations\HoldDown;

use App\Stations\Wire;
use App\Words\Words;
use Imbrex\Core\Movement\HemWindow;
use Imbrex\Core\Movement\MovementStage;
use Imbrex\Core\Movement\PanelMovement;
use Imbrex\Core\Plan;
use Imbrex\Core\Units\Rounding;
use Imbrex\Core\Units\TapePrinter;

/** Between what a face's hems are set, by how warm the metal is: its longest, a middling and its shortest panel. */
final readonly class HemTable
{
    public function __construct(private Words $words)
    {
    }

    /** @return array<string, mixed>|null null of panels that are held through, or have no hem */
    public function of(Plan $plan, string $face): ?array
    {
        $result = $plan->of(MovementStage::class);
        $own = array_values(array_filter($result->movements, static fn (PanelMovement $one): bool => array_filter($one->panels, static fn (string $panel): bool => str_starts_with($panel, "$face-")) !== []));
        if ($own === []) {
            return null;
        }
        $tape = Wire::tape($plan)->inInches();
        $shown = array_values(array_unique([0, intdiv(count($own) - 1, 2), count($own) - 1]));
        $rules = $plan->job->covering->rules;
        $habit = [$rules->number('move.habitLeast'), $rules->number('move.habitMost')];

        return [
            'said' => $this->words->say('hem.said', ['cold' => sprintf('%.0f', $result->range->coldF), 'hot' => sprintf('%.0f', $result->range->hotF), 'fixed' => $result->fixed->value]),
            'fixed' => $result->fixed->value,
            'coldF' => $result->range->coldF,
            'days' => array_map(static fn (HemWindow $window): float => $window->metalF, $own[0]->windows),
            'lengths' => array_map(fn (int $i): array => [
                'length' => $own[$i]->length,
                'said' => $this->words->say('hem.moves', ['total' => $tape->print($own[$i]->total, Rounding::Up), 'hem' => $tape->print($own[$i]->hem)]),
                'windows' => array_map(fn (HemWindow $window): array => [
                    'said' => $this->window($window, $tape),
                    'habit' => $this->words->say('hem.habit', ['least' => $tape->print($habit[0]), 'most' => $tape->print($habit[1]), 'fits' => $window->holds(...$habit) ? 'yes' : 'no']),
                    'fits' => $window->holds(...$habit),
                ], $own[$i]->windows),
            ], $shown),
        ];
    }

    /** Never more than the window: its least rounded up, its most down. */
    private function window(HemWindow $window, TapePrinter $tape): string
    {
        return $this->words->say('hem.window', ['open' => $window->isOpen() ? 'yes' : 'no', 'least' => $tape->print(max(0.0, $window->least), Rounding::Up), 'most' => $tape->print(max(0.0, $window->most), Rounding::Down)]);
    }
}
