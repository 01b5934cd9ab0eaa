<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Rules\RuleSet;

/** How far apart clips stand by a school. */
final readonly class Spacing
{
    private const SQUARE_INCHES_PER_SQUARE_FOOT = 144.0;

    /**
     * @param  Pressures|null  $pressures  null where none are known
     * @param  float  $allowable  lb of one clip
     * @param  float  $pitchDegrees  of the face
     */
    public function __construct(private ClipSchool $school, private RuleSet $rules, private ?Pressures $pressures, private float $allowable, private float $pitchDegrees, private float $uniform)
    {
    }

    /**
     * @param  non-empty-list<array{float, float, WindZone}>  $zones  up the seam
     * @return non-empty-list<array{float, float, float}> from where to where the most there may be between two, inches
     */
    public function up(Seam $seam, array $zones): array
    {
        if ($this->school === ClipSchool::Pressure) {
            return array_map(fn (array $zone): array => [$zone[0], $zone[1], $this->byPressure($zone[2], $seam->width)], $zones);
        }
        [$low, $high] = [$zones[0][0], $zones[count($zones) - 1][1]];
        if ($this->school !== ClipSchool::Dense) {
            return [[$low, $high, $this->uniform]];
        }
        $dense = $this->rules->number('hold.dense');
        $near = min($high, $low + $this->rules->number('hold.denseEave'));

        return $seam->panels <= $this->rules->number('hold.densePanels') || $near >= $high ? [[$low, $high, $dense]] : [[$low, $near, $dense], [$near, $high, $this->uniform]];
    }

    /**
     * What one clip may carry over what the wind pulls at an inch of seam, down to the step, and never more than the most there may be.
     *
     * @param  float  $width  of roof the seam holds, inches
     */
    public function byPressure(WindZone $zone, float $width): float
    {
        $most = $this->rules->number('hold.most');
        $net = $this->pressures?->net($zone, $this->pitchDegrees) ?? 0.0;
        if ($net <= 0.0 || $width <= 0.0) {
            return $most;
        }
        $by = $this->allowable / ($net * $width / self::SQUARE_INCHES_PER_SQUARE_FOOT);
        $step = $this->rules->number('hold.step');

        return min($most, $step > 0.0 && $by > $step ? floor($by / $step + 1e-9) * $step : $by);
    }
}
