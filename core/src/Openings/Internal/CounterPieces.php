<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Ground\Metalwork\FlatPart;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\SealKind;
use Imbrex\Core\Openings\OpeningPiece;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Core\Trims\Ends\EndLine;

/** What is set in a kerf (a reglet) of the masonry and hangs over the walls' legs: a hem, a face, a leg into the kerf. */
final readonly class CounterPieces
{
    public function __construct(private Surround $round, private FlashingSizes $sizes, private UphillSchool $uphill)
    {
    }

    /** How high the kerf runs over the deck, up the wall, inches: the face comes down over the leg by the rule's lap. */
    public function kerf(): float
    {
        return $this->sizes->upturn - $this->round->rule('counterLap') + $this->round->rule('counterFace');
    }

    /** @return list<OpeningPiece> front, sides, back */
    public function all(): array
    {
        [$w, $h, $k] = [$this->round->width, $this->round->height, $this->kerf()];
        $up = $this->round->up();
        $at = static fn (float $x, float $y): Vector => (new Vector($x, $y, 0.0))->plus($up, $k);
        $across = new Vector(1, 0, 0);
        $square = new Vector(0, 0, 1);
        $lean = $this->round->leanOver();
        // On the sides the kerf runs up the slope, at the same height over the deck at its corners.
        $side = fn (PieceRole $role, float $x, bool $isLeft): OpeningPiece => $this->cut($role, $h, $at($x, $isLeft ? $h : 0.0), new Vector(0, $isLeft ? -1 : 1, 0), $square, $isLeft ? -$lean : $lean);

        return [
            $this->straight(PieceRole::CounterFront, $w, $at(0, 0), $across, $up),
            $side(PieceRole::CounterLeft, 0.0, true),
            $side(PieceRole::CounterRight, $w, false),
            ...$this->uphill === UphillSchool::Cricket ? $this->overCricket($k, $up) : [$this->straight(PieceRole::CounterBack, $w, $at($w, $h), $across->times(-1.0), $up)],
        ];
    }

    /** @return list<OpeningPiece> along both slopes of the saddle, cut plumb where they meet */
    private function overCricket(float $kerf, Vector $up): array
    {
        [$w, $h] = [$this->round->width, $this->round->height];
        $rise = ($this->round->opening->uphill->riseIn12 ?? $this->round->face->pitch->riseIn12) / 12.0;
        $long = $w / 2.0 * sqrt(1.0 + $rise * $rise);
        // Up the saddle along the wall: across by one, plumb by its rise.
        $way = static fn (float $across): Vector => (new Vector($across, 0, 0))->plus($up, $rise)->unit();
        $square = static fn (float $across): Vector => $up->plus($way($across), -$up->dot($way($across)))->unit();
        $start = (new Vector(0, $h, 0))->plus($up, $kerf);
        $end = (new Vector($w, $h, 0))->plus($up, $kerf);

        return [
            $this->cut(PieceRole::CounterBackRight, $long, $end, $way(-1.0), $square(-1.0), $rise),
            $this->cut(PieceRole::CounterBackLeft, $long, $start->plus($way(1.0), $long), $way(1.0)->times(-1.0), $square(1.0), -$rise),
        ];
    }

    private function straight(PieceRole $role, float $length, Vector $corner, Vector $along, Vector $up): OpeningPiece
    {
        return $this->cut($role, $length, $corner, $along, $up, 0.0);
    }

    /**
     * @param  Vector  $corner  where the kerf begins, at the flat's left
     * @param  Vector  $along  the kerf, one long; `$up` up the wall, square to it
     * @param  float  $skew  how far along its ends go for an inch up
     */
    private function cut(PieceRole $role, float $length, Vector $corner, Vector $along, Vector $up, float $skew): OpeningPiece
    {
        $hem = $this->sizes->hem;
        $face = $this->round->rule('counterFace');
        $deep = $this->round->rule('kerf');
        [$bend, $top] = [$hem + $face, $hem + $face + $deep];
        // Laid out from its lowest left place.
        $low = min(0.0, -$skew * $face);
        $at = static fn (float $u, float $v): Point => new Point($u - $low, $v);
        $ends = static fn (float $v): float => $skew * (min($v, $bend) - $bend);
        $foot = $ends($hem);
        $inwards = $along->cross($up)->times(-1.0);

        return new OpeningPiece(
            $role,
            [$at($foot, 0.0), $at($length + $foot, 0.0), $at($length + $foot, $hem), $at($length, $bend), $at($length, $top), $at(0.0, $top), $at(0.0, $bend), $at($foot, $hem)],
            [
                ...$hem > 0.0 ? [new EndLine(MarkKind::Bend, $at($foot, $hem), $at($length + $foot, $hem))] : [],
                new EndLine(MarkKind::Bend, $at(0.0, $bend), $at($length, $bend)),
                ...abs($skew) > 1e-9 ? [new EndLine(MarkKind::Cut, $at($foot, $hem), $at(0.0, $bend)), new EndLine(MarkKind::Cut, $at($length + $foot, $hem), $at($length, $bend))] : [],
            ],
            [
                new FlatPart([$at($foot, $hem), $at($length + $foot, $hem), $at($length, $bend), $at(0.0, $bend)], $at(0.0, $bend), $corner, $along, $up),
                new FlatPart([$at(0.0, $bend), $at($length, $bend), $at($length, $top), $at(0.0, $top)], $at(0.0, $bend), $corner, $along, $inwards),
                ...$hem > 0.0 ? [new FlatPart([$at($foot, 0.0), $at($length + $foot, 0.0), $at($length + $foot, $hem), $at($foot, $hem)], $at($foot, $hem), $corner->plus($along, $foot)->plus($up, -$face), $along, $up->times(-1.0))] : [],
            ],
            seal: SealKind::Urethane,
        );
    }
}
