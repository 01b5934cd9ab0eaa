<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Cutting\Panel;

/** Stretches of metal straight up the slope, inches. */
final class MetalUp
{
    /** Nearer (in) than this two lengths touch. */
    private const TOUCH = 0.01;

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

    /**
     * @param  list<array{float, float}>  $stretches
     * @return list<array{float, float}> lengths that lap or touch as one, upwards
     */
    public static function joined(array $stretches): array
    {
        sort($stretches);
        $joined = [];
        foreach ($stretches as [$low, $high]) {
            $last = count($joined) - 1;
            if ($last >= 0 && $low <= $joined[$last][1] + self::TOUCH) {
                $joined[$last] = [$joined[$last][0], max($joined[$last][1], $high)];
            } else {
                $joined[] = [$low, $high];
            }
        }

        return $joined;
    }
}
