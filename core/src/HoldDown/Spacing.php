<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\HoldKind;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Rules\RuleSet;

/** How far apart clips stand by a school. */
final readonly class Spacing
{
    /**
     * @param  Pressures|null  $pressures  null where none are known
     * @param  float  $allowable  lb of one clip
     * @param  float  $pitchDegrees  of the face
     * @param  float  $uniform  where one spacing is the school's, inches
     * @param  float  $most  there may ever be between two of what holds these panels, inches
     */
    private function __construct(private ClipSchool $school, private RuleSet $rules, private ?Pressures $pressures, private float $allowable, private float $pitchDegrees, private float $uniform, private float $most)
    {
    }

    /**
     * As far as the pull lets what holds these panels.
     *
     * @param  float  $allowable  lb of one clip
     */
    public static function pressing(Covering $covering, ?Pressures $pressures, float $allowable, float $pitchDegrees): self
    {
        return self::by(ClipSchool::Pressure, $covering, $pressures, $allowable, $pitchDegrees);
    }

    /**
     * @param  float  $allowable  lb of one clip
     * @param  float|null  $uniform  where one spacing is the school's, inches; null for the house's
     */
    public static function by(ClipSchool $school, Covering $covering, ?Pressures $pressures, float $allowable, float $pitchDegrees, ?float $uniform = null): self
    {
        $isSlotted = $covering->profile->hold->kind === HoldKind::Slots;
        $rules = $covering->rules;

        return new self(
            school: $school,
            rules: $rules,
            pressures: $pressures,
            allowable: $allowable,
            pitchDegrees: $pitchDegrees,
            uniform: $uniform ?? $rules->number($isSlotted ? 'hold.slots' : 'hold.uniform'),
            most: $rules->number($isSlotted ? 'hold.slots' : 'hold.most'),
        );
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
        $dense = min($this->most, $this->rules->number('hold.dense'));
        $near = min($high, $low + $this->rules->number('hold.denseEave'));

        return $seam->panels <= $this->rules->number('hold.densePanels') || $near >= $high ? [[$low, $high, $dense]] : [[$low, $near, $dense], [$near, $high, $this->uniform]];
    }

    /**
     * What one clip may carry over what the wind pulls at an inch of seam, down to the step, between the least and the most there may be.
     *
     * @param  float  $width  of roof the seam holds, inches
     */
    public function byPressure(WindZone $zone, float $width): float
    {
        $net = $this->pressures?->net($zone, $this->pitchDegrees) ?? 0.0;
        if ($net <= 0.0 || $width <= 0.0) {
            return $this->most;
        }
        $by = $this->allowable / ($net * $width / Profile::SQUARE_INCHES_PER_SQUARE_FOOT);
        $step = $this->rules->number('hold.step');

        // Closer than can be set it is said that they do not do.
        return max($this->rules->number('hold.least'), min($this->most, $step > 0.0 && $by > $step ? floor($by / $step + 1e-9) * $step : $by));
    }
}
