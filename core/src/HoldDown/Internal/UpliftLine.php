<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\HoldDown\Pressures;
use Imbrex\Core\HoldDown\WindZone;

/** What the wind pulls at a strip of roof straight up the slope, and in which zone each place of it lies. */
final readonly class UpliftLine
{
    /**
     * @param  non-empty-list<array{float, float, WindZone}>  $zones  up the slope, as {@see FaceZones::up()} gives them
     * @param  float  $width  of the strip, inches
     * @param  Pressures|null  $pressures  null where none are known
     */
    public function __construct(public array $zones, private float $width, private ?Pressures $pressures, private float $pitchDegrees)
    {
    }

    /**
     * @param  float  $from  inches up the slope
     * @return float|null lb, square to the roof; null where no pressures are known
     */
    public function pounds(float $from, float $to): ?float
    {
        if ($this->pressures === null) {
            return null;
        }
        $pounds = 0.0;
        foreach ($this->zones as [$low, $high, $zone]) {
            $part = min($to, $high) - max($from, $low);
            $pounds += $part > 0.0 ? $this->squareFeet(0.0, $part) * $this->pressures->net($zone, $this->pitchDegrees) : 0.0;
        }

        return $pounds;
    }

    public function squareFeet(float $from, float $to): float
    {
        return max(0.0, $to - $from) * $this->width / Profile::SQUARE_INCHES_PER_SQUARE_FOOT;
    }

    /** On the line between two zones it is the one where the wind pulls harder. */
    public function zoneAt(float $v): WindZone
    {
        $zone = null;
        foreach ($this->zones as [$low, $high, $here]) {
            if ($low <= $v + Tolerance::ON_LINE && $high >= $v - Tolerance::ON_LINE) {
                $zone = $zone?->harder($here) ?? $here;
            }
        }

        return $zone ?? ($v < $this->zones[0][0] ? $this->zones[0][2] : $this->zones[count($this->zones) - 1][2]);
    }
}
