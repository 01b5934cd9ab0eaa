<?php

declare(strict_types=1);

namespace Imbrex\Core\LoadOut;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\OrderLength;
use Imbrex\Core\Cutting\Pairer;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Cutting\Sheet;
use Imbrex\Core\Cutting\SheetList;
use Imbrex\Core\Facts\PiecesCut;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Plan;

/**
 * Whether the sheets that were ordered still serve for what is to be cut of them: every piece not yet cut against the
 * sheet ordered for it, its extra counted as metal. One that is short may change with another that is long enough.
 */
final readonly class OrderCheck
{
    /**
     * @param  list<SheetCheck>  $short  sheets too short for their pieces now
     * @param  list<string>  $unordered  pieces there was none of when the order was made
     */
    private function __construct(public array $short, public array $unordered)
    {
    }

    /** @param  SheetList  $ordered  of the plan that was released */
    public static function of(SheetList $ordered, Plan $today): self
    {
        $cut = $today->circumstances->part(PiecesCut::class)->panels;
        $open = [];
        foreach ($today->of(CuttingStage::class)->panels as $panel) {
            if (! isset($cut[$panel->id])) {
                $open[$panel->id] = $panel;
            }
        }
        $sheets = [];
        $had = [];
        foreach ($ordered->sheets as $sheet) {
            $ids = array_map(static fn (Panel $panel): string => $panel->id, $sheet->panels);
            $had += array_fill_keys($ids, true);
            // What something was cut from is no sheet any more.
            if (array_intersect_key($cut, array_flip($ids)) === []) {
                $sheets[] = self::check($sheet, array_values(array_intersect_key($open, array_flip($ids))), $today);
            }
        }

        return new self(self::swapped($sheets), array_keys(array_diff_key($open, $had)));
    }

    public function isFine(): bool
    {
        return $this->short === [] && $this->unordered === [];
    }

    /** @param  list<Panel>  $pieces  what is to be cut of it now */
    private static function check(Sheet $sheet, array $pieces, Plan $today): SheetCheck
    {
        $longest = max([0.0, ...array_map(static fn (Panel $panel): float => $panel->long, $pieces)]);
        $pair = count($pieces) < 2 ? null : (new Pairer($today->job->covering))->pair($pieces, OrderLength::bare())->pairs[0] ?? null;

        return new SheetCheck(array_map(static fn (Panel $panel): string => $panel->id, $pieces), $sheet->length, $pair->length ?? $longest, count($pieces) > 1 && $pair === null);
    }

    /**
     * @param  list<SheetCheck>  $sheets
     * @return list<SheetCheck> the short ones, each with the shortest it may change with: both serve then; the longest need first
     */
    private static function swapped(array $sheets): array
    {
        $short = array_values(array_filter($sheets, static fn (SheetCheck $s): bool => $s->parted || $s->by() > Tolerance::SAME_CUT));
        $others = array_values(array_filter($sheets, static fn (SheetCheck $s): bool => ! $s->parted && $s->by() <= Tolerance::SAME_CUT));
        usort($short, static fn (SheetCheck $a, SheetCheck $b): int => $b->need <=> $a->need);
        usort($others, static fn (SheetCheck $a, SheetCheck $b): int => $a->length <=> $b->length);
        $checked = [];
        foreach ($short as $sheet) {
            $with = null;
            foreach ($sheet->parted ? [] : $others as $i => $other) {
                if ($sheet->need <= $other->length + Tolerance::SAME_CUT && $other->need <= $sheet->length + Tolerance::SAME_CUT) {
                    $with = $other;
                    unset($others[$i]);
                    break;
                }
            }
            $checked[] = $with === null ? $sheet : $sheet->swappedWith($with);
        }

        return $checked;
    }
}
