<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Cutting\Panel;

/** Stretches of metal straight up the slope, inches. */
final class MetalUp
{
    /**
     * @param  list<Panel>  $panels
     * @param  float  $u  across the face, inches
     * @return list<array{float, float}>
     */
    public static function at(array $panels, float $u): array
    {
        return array_merge(...array_map(static fn (Panel $panel): array => $panel->upAt($u), $panels));
    }

    /**
     * @param  list<array{float, float}>  $one
     * @param  list<array{float, float}>  $other
     * @return list<array{float, float}> where there is both
     */
    public static function both(array $one, array $other): array
    {
        $both = [];
        foreach ($one as [$low, $high]) {
            foreach ($other as [$from, $to]) {
                if (min($high, $to) > max($low, $from)) {
                    $both[] = [max($low, $from), min($high, $to)];
                }
            }
        }

        return $both;
    }
}
