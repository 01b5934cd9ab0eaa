<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Cutting\Internal\FlatSheet;
use Imbrex\Core\Cutting\Internal\Pairing;
use Imbrex\Core\Ground\Catalogue\Profile;

/** What panels take: a sheet each, or one for two that share it, where the lower one stands in the list. */
final readonly class SheetList
{
    /**
     * @param  list<Sheet>  $sheets
     * @param  float  $squareFeet  of flat metal; `$wasteSquareFeet` of it does not end up on the roof
     */
    private function __construct(public array $sheets, public float $length, public float $squareFeet, public float $wasteSquareFeet)
    {
    }

    /** @param  list<Panel>  $panels */
    public static function of(array $panels, Pairing $pairing, Profile $profile): self
    {
        $byId = [];
        foreach ($panels as $panel) {
            $byId[$panel->id] = $panel;
        }
        $sheets = [];
        foreach ($panels as $panel) {
            $pair = $pairing->of($panel->id);
            if ($pair === null) {
                $sheets[] = new Sheet($panel->orderLength, [$panel]);
            } elseif ($pair->lower === $panel->id) {
                $sheets[] = new Sheet($pair->orderLength, [$panel, $byId[$pair->upper]]);
            }
        }
        $length = 0.0;
        foreach ($sheets as $sheet) {
            $length += $sheet->length;
        }
        $area = $profile->squareFeet($length);
        $kept = array_sum(array_map(static fn (Panel $p): float => (new FlatSheet($profile, $p))->area(), $panels));

        return new self($sheets, $length, $area, max(0.0, $area - $kept / Profile::SQUARE_INCHES_PER_SQUARE_FOOT));
    }
}
