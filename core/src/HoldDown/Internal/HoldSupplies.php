<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Supplies\Item;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Supplies\SupplyKind;
use Imbrex\Core\Ground\Supplies\SupplySum;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\FixedBy;
use Imbrex\Core\HoldDown\FixedPoint;
use Imbrex\Core\HoldDown\Screw;
use Imbrex\Core\HoldDown\ScrewRow;
use Imbrex\Core\HoldDown\Snow\GuardKind;
use Imbrex\Core\HoldDown\Snow\GuardRow;

/** Sums what holds the field of a roof: every clip and screw that is placed, what fixes the panels, what holds snow. */
final class HoldSupplies
{
    /** A roll of slip sheet covers 33 in of its 36 across, laps of 3 off; catalogue. */
    private const SLIP_WIDE = 33.0;

    private readonly SupplySum $sum;

    private function __construct(private readonly FixedBy $fixedBy, private readonly GuardKind $guards)
    {
        $this->sum = new SupplySum;
    }

    /**
     * @param  array<string, FaceHold>  $faces
     * @param  array<string, float>  $squareFeet  by face
     * @return list<Supply>
     */
    public static function of(array $faces, array $squareFeet, FixedBy $fixedBy, GuardKind $guards): array
    {
        $sum = new self($fixedBy, $guards);
        foreach ($faces as $id => $hold) {
            $sum->face($hold, $squareFeet[$id] ?? 0.0);
        }

        return $sum->sum->all();
    }

    private function face(FaceHold $hold, float $squareFeet): void
    {
        if ($hold->clip !== null) {
            $this->take(SupplyKind::Clip, $hold->clip->key, count($hold->clips));
            $this->take(SupplyKind::Fastener, $hold->clip->screw, count($hold->clips) * $hold->screwsAClip);
            $hold->clip->wantsSlipSheet && $this->take(SupplyKind::SlipSheet, 'slip-sheet', $squareFeet * Profile::SQUARE_INCHES_PER_SQUARE_FOOT / self::SLIP_WIDE);
        } else {
            $this->take(SupplyKind::Fastener, 'pancake', count($hold->clips));
        }
        $laps = count(array_filter($hold->screws, static fn (Screw $screw): bool => $screw->row === ScrewRow::Lap));
        $this->take(SupplyKind::Fastener, 'washered', count($hold->screws) - $laps);
        $this->take(SupplyKind::Fastener, 'stitch', $laps);
        // A nail strip is fixed by one of its own screws.
        $fixed = $hold->clip === null ? 0 : array_sum(array_map(static fn (FixedPoint $one): int => count($one->at), $hold->fixed));
        $this->take(SupplyKind::Fastener, $this->fixedBy === FixedBy::Rivets ? 'rivet' : 'pancake', $fixed);
        $this->take(SupplyKind::Guard, $this->guards === GuardKind::Rail ? 'clamps' : 'pads', array_sum(array_map(static fn (GuardRow $row): int => count($row->at), $hold->guards)));
        $this->guards === GuardKind::Rail && $this->take(SupplyKind::Rail, 'rail', (float) array_sum(array_map(static fn (GuardRow $row): float => $row->to - $row->from, $hold->guards)));
    }

    private function take(SupplyKind $kind, string $name, float $amount): void
    {
        $this->sum->take(Item::of($kind, $name), $amount);
    }
}
