<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Ends;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Cutting\MarkKind;
use Imbrex\Core\Geometry\Vector;
use Imbrex\Core\Rules\RuleSet;
use Imbrex\Core\Trims\EndKind;

/**
 * Cuts the end of a trim from its shape, the angles of its edge and what it meets there: each line of its flat reaches as far
 * as the fascia's corner, the mitre, the eave or the neighbour's line lets it (trade practice for which tabs and notches).
 */
final readonly class EndCutter
{
    /** The slot of a rake's nose lies this far (in) below its top. */
    private const SLOT = 0.5;

    /** A tab is narrower by this (in) at its end, so that it slips in. */
    public const TAPER = 0.25;

    /** A kick-out is a sidewall's last inches, turned out by so many degrees. */
    private const KICK_LONG = 8.0;

    private const KICK_OUT = 30.0;

    /** Nothing is cut along an edge flatter (sine) than this to the run. */
    private const LEAST_SINE = 0.1;

    /**
     * @param  bool  $isRibbed  whether a ridge's end is closed over ribs
     */
    public function __construct(private PlacedShape $shape, private EndPlace $place, private RuleSet $rules, private bool $isRibbed = false, private ?EndFit $fit = null)
    {
    }

    public function cut(): EndCut
    {
        $strips = $this->strips();
        $fit = $this->fit;

        return EndCut::of(
            $this->place->kind,
            $fit === null ? $strips : array_map(fn (StripEnd $strip): StripEnd => $strip->fitted($fit->low, $fit->high, $this->shape->girth), $strips),
            $this->shape->bends, $this->lines(), $this->place->isLeft(),
        );
    }

    /** @return non-empty-list<StripEnd> */
    private function strips(): array
    {
        $rule = fn (string $key): float => $this->rules->number("trim.$key");

        return match ($this->place->kind) {
            EndKind::RoundRake, EndKind::WallTab => $this->tabbed($rule('tab')),
            EndKind::CornerTab => $this->corner($rule('tab')),
            EndKind::CornerCut => $this->corner(0.0),
            EndKind::NoseFold => $this->nose($rule('noseFold')),
            EndKind::MitreTab => $this->mitre($rule('tab')),
            EndKind::MitreCut => $this->mitre(0.0),
            EndKind::UnderCap => $this->square($rule('tab')),
            EndKind::OverRake => $this->overRake($rule('tab')),
            EndKind::OverHips => $this->strip(fn (FlatStrip $strip): StripEnd => $this->byPlane($strip, $this->mitreOf($strip->side), $rule('tab'))),
            EndKind::HipFoot => $this->hipFoot($rule('tab')),
            EndKind::HipPoint => $this->strip(fn (FlatStrip $strip): StripEnd => $this->byPlane($strip, $this->mitreOf($strip->side))),
            EndKind::ValleyFoot => $this->valleyFoot($rule('valleyPast'), min($rule('valleyHem'), $rule('valleyPast'))),
            EndKind::ValleyHead => $this->square($rule('valleyLong')),
            EndKind::LeftLong => $this->leftLong($rule('headLong')),
            EndKind::KeptBack => $this->square(-$rule('receiverBack')),
            EndKind::KickOut, EndKind::LapOver, EndKind::LapUnder, EndKind::Plain => $this->square(0.0),
        };
    }

    /** @return list<array{MarkKind, array{float, float}, array{float, float}}> lines its tabs do not tell */
    private function lines(): array
    {
        return match ($this->place->kind) {
            EndKind::NoseFold => $this->noseLines(),
            EndKind::ValleyHead => $this->tryLines($this->rules->number('trim.valleyLong')),
            EndKind::KickOut => $this->kickLines(),
            default => [],
        };
    }

    /**
     * @param  callable(FlatStrip): StripEnd  $end
     * @return non-empty-list<StripEnd>
     */
    private function strip(callable $end): array
    {
        $ends = array_map($end, $this->shape->strips);
        assert($ends !== []);

        return $ends;
    }

    /** @return non-empty-list<StripEnd> */
    private function square(float $at): array
    {
        return $this->strip(static fn (FlatStrip $strip): StripEnd => StripEnd::part($strip->low, $strip->high, $at));
    }

    private function byPlane(FlatStrip $strip, EndPlane $plane, float $more = 0.0): StripEnd
    {
        return StripEnd::cut($strip, $plane->at($strip->from) + $more, $plane->at($strip->to) + $more);
    }

    /**
     * A tab of what stands plumb goes round; the rest is cut off at the corner.
     *
     * @return non-empty-list<StripEnd>
     */
    private function tabbed(float $tab): array
    {
        if ($this->shape->plumb === null) {
            return $this->square($tab);
        }

        return $this->strip(fn (FlatStrip $strip): StripEnd => $strip !== $this->shape->strips[$this->shape->plumb]
            ? StripEnd::part($strip->low, $strip->high, 0.0)
            // At the drip it is cut at 45 degrees.
            : StripEnd::part($strip->low, $strip->high, 0.0)->longer($tab, $this->place->kind === EndKind::RoundRake ? $tab : self::TAPER, self::TAPER));
    }

    /**
     * Two eaves or peaks meet: what stands out is mitred, what lies on the deck cut along the hip.
     *
     * @return non-empty-list<StripEnd>
     */
    private function corner(float $tab): array
    {
        $way = ($this->place->sides[0] ?? null)?->way;
        $between = $this->place->neighbour?->plus($this->place->out->level(), -1.0);
        $mitre = $between === null || $between->length() < 1e-3 ? null : EndPlane::squareTo($between->cross(Vector::up()), $this->place);
        $deck = $way === null ? $mitre : EndPlane::squareTo($way->cross(Vector::up()), $this->place);
        // In an inside corner the valley's pan lies where a flange would go on.
        $turnsIn = $this->place->neighbour !== null && $this->place->neighbour->dot($this->place->across) < -1e-6;

        return $this->strip(function (FlatStrip $strip) use ($tab, $mitre, $deck, $turnsIn): StripEnd {
            if ($this->shape->plumb !== null && $strip === $this->shape->strips[$this->shape->plumb]) {
                $end = StripEnd::part($strip->low, $strip->high, 0.0);

                return $tab > 0.0 ? $end->longer($tab, self::TAPER, self::TAPER) : $end;
            }
            $isOnDeck = $strip->from->u + $strip->to->u > 1e-6;
            $plane = ($isOnDeck ? $deck : $mitre) ?? EndPlane::square();
            $end = $this->byPlane($strip, $plane);

            return $isOnDeck && $turnsIn ? StripEnd::part($strip->low, $strip->high, 0.0) : $end;
        });
    }

    /**
     * A rake's nose at the eave: the face is folded in below a slot, the top with what is left of the face down over it.
     *
     * @return non-empty-list<StripEnd>
     */
    private function nose(float $fold): array
    {
        $plumb = $this->shape->plumb;
        if ($plumb === null) {
            return $this->square($fold);
        }
        $ends = [];
        foreach ($this->shape->strips as $i => $strip) {
            $slot = $strip->high - $this->slot($strip);
            if ($i === $plumb) {
                // At the drip it is cut at 45 degrees.
                $ends[] = StripEnd::part($strip->low, $slot, 0.0)->longer($fold, min($fold, ($slot - $strip->low) / 2.0));
                $ends[] = StripEnd::part($slot, $strip->high, $fold);
            } else {
                $ends[] = StripEnd::part($strip->low, $strip->high, $this->isFlap($i) ? $fold : 0.0);
            }
        }

        return $ends === [] ? $this->square($fold) : $ends;
    }

    /** @return list<array{MarkKind, array{float, float}, array{float, float}}> where the top is folded down over the nose */
    private function noseLines(): array
    {
        $plumb = $this->shape->plumb;
        if ($plumb === null) {
            return [];
        }
        $face = $this->shape->strips[$plumb];
        $last = $face;
        foreach ($this->shape->strips as $i => $strip) {
            $last = $this->isFlap($i) ? $strip : $last;
        }

        return [[MarkKind::Bend, [$face->high - $this->slot($face), 0.0], [$last->high, 0.0]]];
    }

    private function slot(FlatStrip $face): float
    {
        return min(self::SLOT, $face->width() / 2.0);
    }

    /** Whether a strip is folded down with a nose's top: the leg above the face, and a hem beyond it. */
    private function isFlap(int $strip): bool
    {
        $plumb = $this->shape->plumb ?? 0;

        return $strip === $plumb + 1 || ($strip === $plumb + 2 && $this->shape->strips[$strip]->leg === null);
    }

    /**
     * Two rakes meet plumb, each at its own pitch; one has a tab behind the other.
     *
     * @return non-empty-list<StripEnd>
     */
    private function mitre(float $tab): array
    {
        $plane = EndPlane::squareTo($this->place->out->level(), $this->place);
        $plumb = $this->shape->plumb;

        return $this->strip(function (FlatStrip $strip) use ($plane, $tab, $plumb): StripEnd {
            $end = $this->byPlane($strip, $plane);
            $isFace = $plumb !== null && $strip === $this->shape->strips[$plumb];
            $isTop = $plumb !== null && $strip->leg !== null && $strip === ($this->shape->strips[$plumb + 1] ?? null);

            // Both faces lie in one flat; the tops fall apart.
            return $tab > 0.0 && ($isFace || $isTop) ? $end->longer($tab, self::TAPER, self::TAPER, $isTop) : $end;
        });
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

        return $this->strip(function (FlatStrip $strip) use ($plane, $long): StripEnd {
            $end = $this->byPlane($strip, $plane);

            return $strip->leg === null ? $end : $end->tab($long, $long, $strip->side === 0 ? self::TAPER : 0.0, $strip->side === 0 ? 0.0 : self::TAPER);
        });
    }

    /**
     * A pan's head is left long; when it has been tried it is cut to these.
     *
     * @return list<array{MarkKind, array{float, float}, array{float, float}}>
     */
    private function tryLines(float $most): array
    {
        $leave = $this->rules->number('trim.valleyLeave');
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

    /** @return list<array{MarkKind, array{float, float}, array{float, float}}> a sidewall's last inches turned away from the wall */
    private function kickLines(): array
    {
        $plumb = $this->shape->plumb;
        if ($plumb === null) {
            return [];
        }
        [$wall, $foot] = [$this->shape->strips[$plumb], $this->shape->strips[0]];
        $half = ($wall->low - $foot->low) * tan(deg2rad(self::KICK_OUT / 2.0));
        $corner = [$wall->low, -self::KICK_LONG];

        return [
            [MarkKind::Notch, $corner, [$foot->low, -self::KICK_LONG - $half]],
            [MarkKind::Notch, $corner, [$foot->low, -self::KICK_LONG + $half]],
            [MarkKind::Bend, $corner, [$this->shape->girth, -self::KICK_LONG]],
        ];
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
