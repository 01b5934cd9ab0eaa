<?php

declare(strict_types=1);

namespace Imbrex\Stations\LoadOut;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Severity;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Station;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Wire;

/**
 * @phpstan-import-type PlanOrderShape from OrderWriter
 * @phpstan-import-type StateShape from Wire
 *
 * @phpstan-type LoadOutTileShape array{state: StateShape, open: int, lines: int}
 * @phpstan-type WholeLoadOutShape array{order: PlanOrderShape}
 */
final class LoadOutStation extends Station
{
    public function __construct(
        private readonly LoadOutSlice $slice,
        private readonly OrderWriter $order,
        private readonly CutListCsv $csv,
        private readonly CutListSheet $sheet,
        private readonly OrderJson $json,
    ) {
    }

    public function key(): string
    {
        return 'load-out';
    }

    public function stage(): string
    {
        return 'load-out';
    }

    /** What stands against the order counts, wherever it was found. */
    /** @return LoadOutTileShape */
    public function tile(Plan $plan): array
    {
        $begun = $plan->of(RoofStage::class)->roof->faces !== [];

        return [
            'state' => $begun ? (LoadOutStage::mayBeOrdered($plan) ? 'done' : 'blocked') : 'not-begun',
            'lines' => count($plan->of(LoadOutStage::class)->order->lines),
            'open' => count(array_filter($plan->findings(), static fn (Finding $f): bool => $f->severity === Severity::Block)),
        ];
    }

    public function slices(): array
    {
        return ['load-out' => fn (Plan $plan, ?string $pick): array => $this->slice->of($plan)];
    }

    public function slicesOfTheLog(): array
    {
        return ['load-out'];
    }

    /** @return WholeLoadOutShape */
    public function whole(Plan $plan): array
    {
        return ['order' => $this->order->order($plan->of(LoadOutStage::class)->order)];
    }

    public function files(): array
    {
        return [
            new StationFile('cut-list.csv', 'text/csv; charset=UTF-8', $this->csv->write(...), ordered: true),
            new StationFile('cut-list.pdf', 'application/pdf', $this->sheet->pdf(...), ordered: true, isDear: true),
            new StationFile('order.json', 'application/json', $this->json->write(...), ordered: true),
        ];
    }
}
