<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\HoldKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\FixedAt;
use Imbrex\Core\HoldDown\FixedPoint;

/** Fixes each panel at one place: hidden under the cap at the head, unless somebody has it otherwise. */
final readonly class FixedPlacer
{
    /** Pans up to so wide (in) take so many; wider ones four: trade practice, §10. */
    private const BY_WIDTH = [[12.0, 2], [17.0, 3]];

    private const WIDE = 4;

    /** From a panel's end (in), where its build says no other. */
    private const IN = 1.0;

    /** No two stand nearer (in). */
    private const APART = 2.0;

    /** Less metal (in) up the slope is not fixed where there is more beside it. */
    private const LEAST = 2.0;

    /** So many places across a panel are looked at. */
    private const LOOKS = 24;

    /** @param  list<float|null>  $under  by side of the face: from the panel's end to where it is fixed under the cap there, inches square to the side */
    public function __construct(private Covering $covering, private FixedAt $fixed, private float $pitchDegrees, private float $allowable, private array $under)
    {
    }

    /**
     * @param  float  $snow  lb of it that the panel's guards hold
     * @param  list<Clip>  $clips  of the face: in slots one of them is driven tight
     */
    public function of(Panel $panel, float $snow, array $clips): FixedPoint
    {
        $demand = $snow + $this->weight($panel) * sin(deg2rad($this->pitchDegrees));
        if ($this->covering->profile->hold->kind === HoldKind::Slots) {
            $tight = $this->slot($panel, $clips);

            return new FixedPoint($panel->id, $tight === null ? [] : [$tight], $demand, $this->allowable);
        }
        $width = $panel->strip->right - $panel->strip->left;
        $most = max(1, (int) floor($width / self::APART));
        $count = min($most, max(self::count($width), (int) ceil($demand / $this->allowable - 1e-9)));
        $long = $this->longEnough($panel);
        $at = [];
        for ($i = 0; $i < $count; $i++) {
            $part = ($i + 0.5) / $count;
            $u = $long === null ? $panel->strip->left + $width * $part : $long[(int) floor(count($long) * $part)];
            $stretch = $this->stretch($panel, $u);
            if ($stretch !== null) {
                $at[] = new Point($u, $this->fixed->between($stretch[0], $stretch[1], $this->in($panel, $u, $stretch[1])));
            }
        }

        return new FixedPoint($panel->id, $at, $demand, $this->allowable);
    }

    /**
     * Where across a panel there is metal enough to fix, inches; null where that is everywhere, or nowhere.
     *
     * @return non-empty-list<float>|null
     */
    private function longEnough(Panel $panel): ?array
    {
        $width = $panel->strip->right - $panel->strip->left;
        $found = [];
        foreach (range(1, self::LOOKS) as $i) {
            $u = $panel->strip->left + $width * ($i - 0.5) / self::LOOKS;
            $stretch = $this->stretch($panel, $u);
            if ($stretch !== null && $stretch[1] - $stretch[0] >= self::LEAST) {
                $found[] = $u;
            }
        }

        return $found === [] || count($found) === self::LOOKS ? null : $found;
    }

    /** @return array{float, float}|null of its metal on an upright, that is fixed: the highest where it is at its head, the lowest where at its foot */
    private function stretch(Panel $panel, float $u): ?array
    {
        $stretches = $panel->upAt($u);
        if ($stretches === []) {
            return null;
        }
        usort($stretches, fn (array $a, array $b): int => match ($this->fixed) {
            FixedAt::Head => $b[1] <=> $a[1],
            FixedAt::Middle => $b[1] - $b[0] <=> $a[1] - $a[0],
            FixedAt::Foot => $a[0] <=> $b[0],
        });

        return $stretches[0];
    }

    /** From a panel's head, inches along the rib: under a cap off the bend and before the zee. */
    private function in(Panel $panel, float $u, float $high): float
    {
        [$side, $slant] = $panel->cutTo($u, $high);
        $under = $side === null || $this->fixed !== FixedAt::Head ? null : $this->under[$side] ?? null;

        return $under === null ? self::IN : $under * $slant;
    }

    /** How many hold a pan so wide, inches. */
    public static function count(float $wide): int
    {
        foreach (self::BY_WIDTH as [$most, $count]) {
            if ($wide <= $most + 1e-6) {
                return $count;
            }
        }

        return self::WIDE;
    }

    /** lb. */
    private function weight(Panel $panel): float
    {
        return $this->covering->profile->squareFeet($panel->long) * $this->covering->material->poundsPerSquareFoot($this->covering->gauge);
    }

    /** @param  list<Clip>  $clips */
    private function slot(Panel $panel, array $clips): ?Point
    {
        $bounds = $panel->metal->bounds();
        $wanted = $this->fixed->between($bounds->bottom, $bounds->top, self::IN);
        $nearest = null;
        foreach ($clips as $clip) {
            $isOwn = min(abs($clip->u - $panel->strip->left), abs($clip->u - $panel->strip->right)) < 1e-6 && $clip->v > $bounds->bottom && $clip->v < $bounds->top;
            if ($isOwn && ($nearest === null || abs($clip->v - $wanted) < abs($nearest->v - $wanted))) {
                $nearest = new Point($clip->u, $clip->v);
            }
        }

        return $nearest;
    }
}
