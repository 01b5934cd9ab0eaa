<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Trims\EndKind;

/** Ends of caps and pans, which lie on both faces that meet at their edge. */
final class CapEnds extends EndStrips
{
    /** Nothing is cut along an edge flatter (sine) than this to the run. */
    private const LEAST_SINE = 0.1;

    /** @param  bool  $isRibbed  whether a ridge's end is closed over ribs */
    public function __construct(PlacedShape $shape, EndPlace $place, RuleSet $rules, private readonly bool $isRibbed)
    {
        parent::__construct($shape, $place, $rules);
    }

    public function strips(): array
    {
        return match ($this->place->kind) {
            EndKind::OverRake => $this->overRake($this->rule('tab')),
            EndKind::OverHips => $this->strip(fn (FlatStrip $strip): StripEnd => $this->byPlane($strip, $this->mitreOf($strip->side), $this->rule('tab'))),
            EndKind::HipFoot => $this->hipFoot($this->rule('tab')),
            EndKind::HipPoint => $this->strip(fn (FlatStrip $strip): StripEnd => $this->byPlane($strip, $this->mitreOf($strip->side))),
            EndKind::ValleyFoot => $this->valleyFoot($this->rule('valleyPast'), min($this->rule('valleyHem'), $this->rule('valleyPast'))),
            EndKind::SaddleFoot => $this->square($this->rule('saddleFoot')),
            EndKind::ValleyHead => $this->square($this->long()),
            EndKind::LeftLong => $this->leftLong($this->rule('headLong')),
            default => $this->square(0.0),
        };
    }

    public function lines(): array
    {
        return $this->place->kind === EndKind::ValleyHead ? $this->tryLines($this->long()) : [];
    }

    /** A pan goes on at its head by the rule, and as far as the cleats of the panels that lie over it. */
    private function long(): float
    {
        return max($this->rule('valleyLong'), $this->place->long > 0.0 ? $this->place->long + $this->rule('valleyLeave') : 0.0);
    }

    /**
     * A ridge's end is folded down over the rake, each side on its own, and closed plumb.
     *
     * @return non-empty-list<StripEnd>
     */
    private function overRake(float $tab): array
    {
        return $this->strip(function (FlatStrip $strip) use ($tab): StripEnd {
            $way = ($this->place->sides[$strip->side] ?? null)?->way;
            $end = $this->byPlane($strip, $way === null ? EndPlane::square() : EndPlane::squareTo($way->cross(Vector::up()), $this->place));
            if ($strip->leg === null) {
                return $end;
            }
            $fall = abs($strip->to->v - $strip->from->v) / max(1e-9, abs($strip->to->u - $strip->from->u));
            // Folded down, both would lie on each other inside the plumb line: one does, over ribs none.
            $inside = $strip->side === 0 && ! $this->isRibbed ? 0.0 : $tab * $fall;
            $outside = $this->isRibbed ? $tab : self::TAPER;

            return $end->longer($tab, $strip->side === 0 ? $outside : $inside, $strip->side === 0 ? $inside : $outside);
        });
    }

    /** @return non-empty-list<StripEnd> cut to both eaves and folded shut over them */
    private function hipFoot(float $tab): array
    {
        return $this->strip(function (FlatStrip $strip) use ($tab): StripEnd {
            [$plane, $sine] = $this->alongEave($strip->side);
            $end = $this->byPlane($strip, $plane);

            return $strip->leg === null ? $end : $end->longer($tab / $sine, $strip->side === 0 ? self::TAPER : 0.0, $strip->side === 0 ? 0.0 : self::TAPER);
        });
    }

    /**
     * A pan is cut to both eaves and hemmed; its crimp's nose is pressed shut.
     *
     * @param  float  $past  the eaves, inches square to them
     * @param  float  $hem  of that folded under
     * @return non-empty-list<StripEnd>
     */
    private function valleyFoot(float $past, float $hem): array
    {
        $isCrimp = fn (FlatStrip $strip): bool => $strip->leg !== null && $this->isCrimp($strip->leg);

        return $this->strip(function (FlatStrip $strip) use ($past, $hem, $isCrimp): StripEnd {
            [$plane, $sine] = $this->alongEave($strip->side);
            $fold = $this->byPlane($strip, $plane, ($past - $hem) / $sine);
            if ($isCrimp($strip)) {
                // From its feet, which the pan's fold passes, to its ridge: square, and slit along both feet as deep as it is wide.
                $foot = $strip->side === 0 ? $fold->from : $fold->to;

                return StripEnd::part($strip->low, $strip->high, $foot - $strip->width())->longer($strip->width());
            }

            return $strip->leg === null || $hem <= 0.0 ? $fold : $fold->longer($hem / $sine, $strip->side === 0 ? self::TAPER : 0.0, $strip->side === 0 ? 0.0 : self::TAPER);
        });
    }

    /** Whether a leg stands up in the middle of a pan. */
    private function isCrimp(int $leg): bool
    {
        return $this->shape->isTwoSided && $leg > 0 && $leg < count(array_filter($this->shape->strips, static fn (FlatStrip $strip): bool => $strip->leg !== null)) - 1;
    }

    /**
     * A low ridge's head goes up the roof or the wall it runs into, parted along its bend.
     *
     * @return non-empty-list<StripEnd>
     */
    private function leftLong(float $long): array
    {
        if (! $this->shape->isTwoSided) {
            return $this->square($long);
        }
        $plane = EndPlane::squareTo($this->place->slope ?? $this->place->out, $this->place);

        // Up a wall it stands as high all along, however askew the wall runs.
        $isUp = $this->place->slope === null || abs($this->place->slope->z) < 1e-6;

        return $this->strip(function (FlatStrip $strip) use ($plane, $long, $isUp): StripEnd {
            $end = $this->byPlane($strip, $plane);
            [$inLow, $inHigh] = $strip->side === 0 ? [self::TAPER, 0.0] : [0.0, self::TAPER];

            return match (true) {
                $strip->leg === null => $end,
                $isUp => $end->longer($long, $inLow, $inHigh),
                default => $end->tab($long, $long, $inLow, $inHigh),
            };
        });
    }

    /**
     * A pan's head is left long; when it has been tried it is cut to these.
     *
     * @return list<array{MarkKind, array{float, float}, array{float, float}}>
     */
    private function tryLines(float $most): array
    {
        $leave = $this->rule('valleyLeave');
        $lines = [];
        foreach ($this->shape->strips as $strip) {
            $plane = $this->mitreOf($strip->side);
            [$from, $to] = [$plane->at($strip->from) + $leave, $plane->at($strip->to) + $leave];
            // Where the line would go on beyond the stick there is nothing to cut.
            $share = abs($to - $from) < 1e-9 ? 0.0 : max(0.0, min(1.0, ($most - $from) / ($to - $from)));
            $at = [$strip->low + $share * $strip->width(), $from + $share * ($to - $from)];
            if (min($from, $to) < $most) {
                $before = $lines[count($lines) - 1][2] ?? null;
                // Over a crimp the two sides do not meet in one point.
                if ($before !== null && $before[0] === $strip->low && abs($before[1] - $from) > 1e-6) {
                    $lines[] = [MarkKind::Cut, $before, [$strip->low, $from]];
                }
                $lines[] = [MarkKind::Cut, $from > $most ? $at : [$strip->low, $from], $to > $most ? $at : [$strip->high, $to]];
            }
        }

        return $lines;
    }

    /**
     * Along the eave of a side, plumb.
     *
     * @return array{EndPlane, float} and the sine of its angle to the run on the face
     */
    private function alongEave(int $side): array
    {
        $way = ($this->place->sides[$side] ?? null)?->way;
        $sine = $way === null ? 1.0 : $way->cross($this->place->out)->length();

        return $way === null || $sine < self::LEAST_SINE ? [EndPlane::square(), 1.0] : [EndPlane::squareTo($way->cross(Vector::up()), $this->place), $sine];
    }

    /** Half way to the next edge round the face of a side: where it and this meet; along a ridge where a pan ends at one. */
    private function mitreOf(int $side): EndPlane
    {
        $bound = $this->place->sides[$side] ?? null;
        if ($bound?->way === null || $bound->way->cross($this->place->out)->length() < self::LEAST_SINE) {
            return EndPlane::square();
        }
        $isHalf = $this->place->kind !== EndKind::ValleyHead || $bound->kind === EdgeKind::Valley;
        $way = $isHalf ? $bound->way->plus($this->place->out, -1.0) : $bound->way;

        return EndPlane::squareTo($way->cross($bound->normal), $this->place);
    }
}
