<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Trims\EndKind;

/** Ends of what hangs before a fascia or stands before a wall, and of what is cut square. */
final class OpenEnds extends EndStrips
{
    /** The slot of a rake's nose lies this far (in) below its top. */
    private const SLOT = 0.5;

    /** A kick-out is a sidewall's last inches, turned out by so many degrees. */
    private const KICK_LONG = 8.0;

    private const KICK_OUT = 30.0;

    /** The next edge of the roof turns with a wall where it goes on so much (cosine) towards it. */
    private const LEAST_TURN = 0.1;

    public function strips(): array
    {
        return match ($this->place->kind) {
            EndKind::RoundRake => $this->tabbed($this->rule('tab')),
            EndKind::WallTab => $this->tabbed($this->rule('tab'), $this->isOutsideCorner() ? $this->rule('wallOn') : 0.0),
            EndKind::CornerTab => $this->corner($this->rule('tab')),
            EndKind::CornerCut => $this->corner(0.0),
            EndKind::NoseFold => $this->nose($this->rule('noseFold')),
            EndKind::MitreTab => $this->mitre($this->rule('tab')),
            EndKind::MitreCut => $this->mitre(0.0),
            EndKind::UnderCap => $this->square($this->rule('tab')),
            EndKind::UnderPan => $this->onDeck($this->rule('wallOn')),
            EndKind::KeptBack => $this->square(-$this->rule('receiverBack')),
            default => $this->square(0.0),
        };
    }

    public function lines(): array
    {
        return match ($this->place->kind) {
            EndKind::NoseFold => $this->noseLines(),
            EndKind::KickOut => $this->kickLines(),
            default => [],
        };
    }

    /** Whether the roof goes on round the end of a wall. */
    private function isOutsideCorner(): bool
    {
        return ($this->place->sides[0] ?? null)?->way?->dot($this->place->across) > self::LEAST_TURN;
    }

    /**
     * A tab of what stands plumb goes round; the rest is cut off at the corner, or lies on past it.
     *
     * @param  float  $on  inches
     * @return non-empty-list<StripEnd>
     */
    private function tabbed(float $tab, float $on = 0.0): array
    {
        if ($this->shape->plumb === null) {
            return $this->square($tab);
        }

        return $this->strip(fn (FlatStrip $strip): StripEnd => $strip !== $this->shape->strips[$this->shape->plumb]
            ? StripEnd::part($strip->low, $strip->high, $on)
            // At the drip it is cut at 45 degrees.
            : StripEnd::part($strip->low, $strip->high, 0.0)->longer($tab, $this->place->kind === EndKind::RoundRake ? $tab : self::TAPER, self::TAPER));
    }

    /**
     * What lies on the deck runs on; what stands plumb ends.
     *
     * @return non-empty-list<StripEnd>
     */
    private function onDeck(float $on): array
    {
        $plumb = $this->shape->plumb ?? count($this->shape->strips);

        return $this->strip(fn (FlatStrip $strip): StripEnd => StripEnd::part($strip->low, $strip->high, $strip->low < ($this->shape->strips[$plumb]->low ?? INF) - 1e-9 ? $on : 0.0));
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
     * Two rakes meet half way between their pitches, so that faces of one depth meet along their whole cut: two alike plumb, 4 and 9 in 12 at 27.65 from square
     * each. One has a tab behind the other.
     *
     * @return non-empty-list<StripEnd>
     */
    private function mitre(float $tab): array
    {
        $plane = EndPlane::squareTo($this->place->onward === null ? $this->place->out->level() : $this->place->out->plus($this->place->onward), $this->place);
        $plumb = $this->shape->plumb;

        return $this->strip(function (FlatStrip $strip) use ($plane, $tab, $plumb): StripEnd {
            $end = $this->byPlane($strip, $plane);
            $isFace = $plumb !== null && $strip === $this->shape->strips[$plumb];
            $isTop = $plumb !== null && $strip->leg !== null && $strip === ($this->shape->strips[$plumb + 1] ?? null);

            // Both faces lie in one flat; the tops fall apart.
            return $tab > 0.0 && ($isFace || $isTop) ? $end->longer($tab, self::TAPER, self::TAPER, $isTop) : $end;
        });
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
}
