<?php

declare(strict_types=1);

namespace Imbrex\Stations\LoadOut;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Severity;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\LoadOut\OrderLine;
use Imbrex\Core\Plan;
use Imbrex\Stations\Cutting\PairingWriter;
use Imbrex\Stations\Print\PanelRange;
use Imbrex\Stations\SupplyWords;
use Imbrex\Stations\Wire;

/**
 * What Load-out shows: the order, what it saved, what stands against it.
 *
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanOrderShape from OrderWriter
 * @phpstan-import-type SavingShape from PairingWriter
 *
 * @phpstan-type LoadOutSliceShape array{
 *     system: array{
 *         profile: string,
 *         cover: float,
 *         material: string,
 *         gauge: string,
 *         colour: string|null,
 *         concealed: bool,
 *         representative: bool,
 *     },
 *     order: PlanOrderShape,
 *     mayBeOrdered: bool,
 *     findings: list<PlanFindingShape>,
 *     saving: SavingShape,
 *     // That trims are ordered from the list of sticks, and how many; null where there are none.
 *     trims: string|null,
 *     // What stands against an order, a kind a line.
 *     standing: list<array{code: string, severity: 'block'|'settle'|'note', message: string, where: list<string>}>,
 *     // The panels of each line in words, neighbours in a row as a range.
 *     ranges: list<string>,
 *     supplies: list<array{name: string, said: string}>,
 * }
 */
final readonly class LoadOutSlice
{
    public function __construct(private OrderWriter $order, private PairingWriter $pairing, private SupplyWords $supplies, private TrimsBeside $trims, private StandingKinds $standing, private Wire $wire)
    {
    }

    /** @return LoadOutSliceShape */
    public function of(Plan $plan): array
    {
        $covering = $plan->job->covering;
        $profile = $covering->profile;

        return [
            'system' => ['profile' => $profile->key, 'cover' => $profile->cover, 'material' => $covering->material->key, 'gauge' => $covering->gauge, 'colour' => $covering->colour?->value, 'concealed' => $profile->family->isConcealed(), 'representative' => $profile->representative],
            'order' => $this->order->order($plan->of(LoadOutStage::class)->order),
            'ranges' => array_map(static fn (OrderLine $line): string => PanelRange::inWords($plan->of(CuttingStage::class)->names($line->panels)), $plan->of(LoadOutStage::class)->order->lines),
            'supplies' => array_map(fn (Supply $one): array => $this->supplies->of($one, Wire::tape($plan)), $plan->of(LoadOutStage::class)->order->supplies),
            'trims' => $this->trims->said($plan),
            'standing' => $this->standing->of($plan, self::standing($plan)),
            'saving' => $this->pairing->saving($plan),
            'mayBeOrdered' => LoadOutStage::mayBeOrdered($plan),
            'findings' => $this->wire->findings($plan, self::standing($plan)),
        ];
    }

    /** @return list<Finding> what whoever orders should have read: no notes, but what the covering itself says */
    public static function standing(Plan $plan): array
    {
        return array_values(array_filter($plan->findings(), static fn (Finding $f): bool => $f->severity !== Severity::Note || $f->stage === null));
    }
}
