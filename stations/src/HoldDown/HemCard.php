<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\Movement\HemWindow;
use Imbrex\Core\Movement\MovementStage;
use Imbrex\Core\Movement\PanelMovement;
use Imbrex\Core\Plan;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\PrintFoot;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** The card for the pocket: what a hem is set to, by how long the panel is and how warm the metal. A quarter of a sheet, to be folded. */
final readonly class HemCard
{
    private const MARGIN = 24.0;

    private const WIDE = 264.0;

    private const ROW = 15.0;

    /** Lengths one card tells: from the longest to the shortest, evenly. */
    private const LENGTHS = 4;

    public function __construct(private Words $words, private PrintFoot $foot)
    {
    }

    public function isThere(Plan $plan): bool
    {
        return $plan->of(MovementStage::class)->movements !== [];
    }

    public function pdf(Edition $edition): ?string
    {
        $plan = $edition->plan();
        $groups = [];
        foreach ($plan->of(MovementStage::class)->movements as $one) {
            $groups[sprintf('%.4f', $one->hem)][] = $one;
        }
        $sheet = Sheet::of($edition->plan());
        foreach (array_values($groups) as $i => $alike) {
            $i % 4 === 0 && $sheet->page();
            $this->card($sheet, $plan, $this->shown($alike), self::MARGIN + ($i % 2) * ($sheet->width / 2.0), self::MARGIN + intdiv($i % 4, 2) * 372.0);
        }
        $this->foot->on($sheet, $edition);

        return $groups === [] ? null : $sheet->pdf();
    }

    /**
     * @param  non-empty-list<PanelMovement>  $alike  the longest first
     * @return non-empty-list<PanelMovement>
     */
    private function shown(array $alike): array
    {
        $last = count($alike) - 1;
        $at = array_unique(array_map(static fn (int $i): int => (int) round($last * $i / (self::LENGTHS - 1)), range(0, self::LENGTHS - 1)));

        return array_values(array_map(static fn (int $i): PanelMovement => $alike[$i], $at));
    }

    /** @param  non-empty-list<PanelMovement>  $lengths */
    private function card(Sheet $sheet, Plan $plan, array $lengths, float $x, float $top): void
    {
        $tape = Wire::tape($plan)->inInches();
        $result = $plan->of(MovementStage::class);
        $loads = $this->words->measures($plan->job->units);
        $sheet->text($x, $top + 16.0, $this->words->say('hem.card', ['hem' => $tape->print($lengths[0]->hem)]), 14.0, true);
        $y = $sheet->paragraph($x, $top + 30.0, $this->words->say('hem.said', ['cold' => $loads->degrees($result->range->coldF), 'hot' => $loads->degrees($result->range->hotF), 'fixed' => $result->fixed->value]), 8.0, self::WIDE) + 6.0;
        $first = 46.0;
        $column = (self::WIDE - $first) / count($lengths);
        foreach ($lengths as $i => $one) {
            $sheet->text($x + $first + $column * ($i + 1), $y + self::ROW, Wire::tape($plan)->print($one->length), 8.6, true, 'right');
        }
        $y += self::ROW;
        $sheet->text($x, $y, $this->words->say('hem.metal'), 8.0);
        $sheet->line($x, $y + 4.0, $x + self::WIDE, $y + 4.0, 1.0);
        foreach ($lengths[0]->windows as $day => $window) {
            $y += self::ROW;
            $sheet->text($x, $y, $loads->degrees($window->metalF), 9.5, true);
            foreach ($lengths as $i => $one) {
                $sheet->text($x + $first + $column * ($i + 1), $y, $this->set($one->windows[$day], $plan), 10.5, true, 'right');
            }
            $sheet->line($x, $y + 4.0, $x + self::WIDE, $y + 4.0, 0.3, [], 0.6);
        }
        foreach (['hem.card-how', 'caution.hem'] as $note) {
            $y = $sheet->paragraph($x, $y + 14.0, $this->words->say($note), 8.0, self::WIDE);
        }
    }

    /** The sixteenth to set; where no window is, that. */
    private function set(HemWindow $window, Plan $plan): string
    {
        $set = $window->setting();

        return $set === null ? $this->words->say('hem.set-none') : Wire::tape($plan)->inInches()->print($set, Rounding::Nearest);
    }
}
