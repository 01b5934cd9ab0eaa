<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Ground\Metalwork\Fastener;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\Ground\Metalwork\FlatPart;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\SealKind;
use Imbrex\Core\Openings\OpeningPiece;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Openings\WorkOrder;
use Imbrex\Core\Trims\Ends\EndLine;

/**
 * The front, the sides and the back of what stands on the roof, as flats: legs up the walls and on the panels, tabs round
 * the corners. Walls of masonry stand plumb, so their corners lean over the deck: a leg up one is cut to it.
 */
final readonly class CurbPieces
{
    /** The back's tongue between the panels beside has so much (in) to spare at both ends. */
    private const SPARE = 0.125;

    public function __construct(private Surround $round, private FlashingSizes $sizes, private WorkOrder $order)
    {
    }

    public function front(): OpeningPiece
    {
        $s = $this->sizes;
        $w = $this->round->width;
        [$left, $right, $end] = [$s->ends, $s->ends + $w, $w + 2.0 * $s->ends];
        [$bend, $top] = [$s->hem + $s->front, $s->hem + $s->front + $s->upturn];
        // The deck rises behind a plumb corner: a tab's foot is cut along it.
        $foot = $bend + $s->tab * $this->round->leanOver();
        $across = new Vector(1.0, 0.0, 0.0);
        $up = $this->round->up();
        $back = $this->round->back();

        return new OpeningPiece(
            PieceRole::Front,
            self::points([[0, 0], [$end, 0], [$end, $bend], [$right, $bend], [$right + $s->tab, $foot], [$right + $s->tab, $top], [$left - $s->tab, $top], [$left - $s->tab, $foot], [$left, $bend], [0, $bend]]),
            [
                ...$this->hemLine($end),
                self::line(MarkKind::Bend, $left, $bend, $right, $bend),
                self::line(MarkKind::Bend, $left, $bend, $left, $top), self::line(MarkKind::Bend, $right, $bend, $right, $top),
                self::line(MarkKind::Cut, 0, $bend, $left, $bend), self::line(MarkKind::Cut, $left, $bend, $left - $s->tab, $foot), self::line(MarkKind::Cut, $left - $s->tab, $foot, $left - $s->tab, $top),
                self::line(MarkKind::Cut, $end, $bend, $right, $bend), self::line(MarkKind::Cut, $right, $bend, $right + $s->tab, $foot), self::line(MarkKind::Cut, $right + $s->tab, $foot, $right + $s->tab, $top),
            ],
            [
                new FlatPart(self::points([[0, $s->hem], [$end, $s->hem], [$end, $bend], [0, $bend]]), new Point($left, $bend), new Vector(0, 0, 0), $across, new Vector(0, 1, 0)),
                new FlatPart(self::points([[0, 0], [$end, 0], [$end, $s->hem], [0, $s->hem]]), new Point($left, $s->hem), new Vector(0, -$s->front, 0), $across, new Vector(0, -1, 0)),
                new FlatPart(self::points([[$left, $bend], [$right, $bend], [$right, $top], [$left, $top]]), new Point($left, $bend), new Vector(0, 0, 0), $across, $up),
                new FlatPart(self::points([[$left - $s->tab, $foot], [$left, $bend], [$left, $top], [$left - $s->tab, $top]]), new Point($left, $bend), new Vector(0, 0, 0), $back->times(-1.0), $up),
                new FlatPart(self::points([[$right, $bend], [$right + $s->tab, $foot], [$right + $s->tab, $top], [$right, $top]]), new Point($right, $bend), new Vector($w, 0, 0), $back, $up),
            ],
            fastener: $this->fastener(), screwed: $end, seal: SealKind::ButylTape,
        );
    }

    /** Its flat lies colour up with the flange low: the foot of the left one is at its right end, that of the right one at its left. */
    public function side(bool $isLeft): OpeningPiece
    {
        $s = $this->sizes;
        [$h, $w] = [$this->round->height, $this->round->width];
        $lean = $s->upturn * $this->round->leanOver();
        [$bend, $top, $length] = [$s->hem + $s->flange, $s->hem + $s->flange + $s->upturn, $s->pastFoot + $h + $s->pastHead];
        [$foot, $head] = [$s->pastFoot, $s->pastFoot + $h];
        $at = static fn (float $u): float => $isLeft ? $length - $u : $u;
        $ways = $isLeft ? [new Vector(0, -1, 0), new Vector(1, 0, 0)] : [new Vector(0, 1, 0), new Vector(-1, 0, 0)];
        $edge = $isLeft ? 0.0 : $w;
        $out = $isLeft ? -1.0 : 1.0;
        $base = static fn (float $v): Point => new Point($at($foot), $v);
        $slots = $s->slot > 0.0 ? [self::line(MarkKind::Notch, $at($head), $bend, $at($head), $bend - min($s->slot, $s->flange))] : [];

        return new OpeningPiece(
            role: $isLeft ? PieceRole::SideLeft : PieceRole::SideRight,
            flat: self::turned($isLeft, [[$at(0), 0], [$at($length), 0], [$at($length), $bend], [$at($head), $bend], [$at($head + $lean), $top], [$at($foot + $lean), $top], [$at($foot), $bend], [$at(0), $bend]]),
            lines: [
                ...$this->hemLine($length),
                self::line(MarkKind::Bend, $at($foot), $bend, $at($head), $bend),
                self::line(MarkKind::Cut, $at(0), $bend, $at($foot), $bend), self::line(MarkKind::Cut, $at($foot), $bend, $at($foot + $lean), $top),
                self::line(MarkKind::Cut, $at($length), $bend, $at($head), $bend), self::line(MarkKind::Cut, $at($head), $bend, $at($head + $lean), $top),
                ...$slots,
            ],
            parts: [
                new FlatPart(self::turned($isLeft, [[$at(0), $s->hem], [$at($length), $s->hem], [$at($length), $bend], [$at(0), $bend]]), $base($bend), new Vector($edge, 0, 0), ...$ways),
                new FlatPart(self::turned($isLeft, [[$at(0), 0], [$at($length), 0], [$at($length), $s->hem], [$at(0), $s->hem]]), $base($s->hem), new Vector($edge + $out * $s->flange, 0, 0), $ways[0], $ways[1]->times(-1.0)),
                new FlatPart(self::turned($isLeft, [[$at($foot), $bend], [$at($head), $bend], [$at($head + $lean), $top], [$at($foot + $lean), $top]]), $base($bend), new Vector($edge, 0, 0), $ways[0], new Vector(0, 0, 1)),
            ],
            under: $this->order === WorkOrder::BackFirst ? PieceRole::Back : null,
            fastener: $this->fastener(), screwed: $length, seal: SealKind::ButylTape,
        );
    }

    /** Tucked under the panel above, its wings over the panels beside. */
    public function back(): OpeningPiece
    {
        $s = $this->sizes;
        [$h, $w, $clear] = [$this->round->height, $this->round->width, $this->round->above];
        [$left, $right, $end] = [$s->wings, $s->wings + $w, $w + 2.0 * $s->wings];
        $over = max(0.0, $this->round->beside - self::SPARE);
        [$bend, $wing, $tongue, $top] = [$s->upturn, $s->upturn + $clear, $s->upturn + $clear + $s->lap, $s->upturn + $clear + $s->lap + $s->hem];
        $across = new Vector(1.0, 0.0, 0.0);
        $up = $this->round->up();
        $back = $this->round->back();
        $corner = new Vector(0, $h, 0);

        return new OpeningPiece(
            PieceRole::Back,
            self::points([
                [$left - $s->tab, 0], [$right + $s->tab, 0], [$right + $s->tab, $bend], [$right, $bend], [$end, $bend], [$end, $wing],
                [$right + $over, $wing], [$right + $over, $top], [$left - $over, $top], [$left - $over, $wing], [0, $wing], [0, $bend], [$left, $bend], [$left - $s->tab, $bend],
            ]),
            [
                self::line(MarkKind::Bend, $left, $bend, $right, $bend), self::line(MarkKind::Bend, $left - $over, $tongue, $right + $over, $tongue),
                self::line(MarkKind::Bend, $left, 0, $left, $bend), self::line(MarkKind::Bend, $right, 0, $right, $bend),
                self::line(MarkKind::Cut, 0, $bend, $left, $bend), self::line(MarkKind::Cut, $end, $bend, $right, $bend),
                self::line(MarkKind::Cut, 0, $wing, $left - $over, $wing), self::line(MarkKind::Cut, $end, $wing, $right + $over, $wing),
                self::line(MarkKind::Cut, $left - $over, $wing, $left - $over, $top), self::line(MarkKind::Cut, $right + $over, $wing, $right + $over, $top),
            ],
            [
                new FlatPart(self::points([[0, $bend], [$end, $bend], [$end, $wing], [0, $wing]]), new Point($left, $bend), $corner, $across, new Vector(0, 1, 0)),
                new FlatPart(self::points([[$left - $over, $wing], [$right + $over, $wing], [$right + $over, $tongue], [$left - $over, $tongue]]), new Point($left, $bend), $corner, $across, new Vector(0, 1, 0)),
                new FlatPart(self::points([[$left - $over, $tongue], [$right + $over, $tongue], [$right + $over, $top], [$left - $over, $top]]), new Point($left, $tongue), new Vector(0, $h + $clear + $s->lap, 0), $across, new Vector(0, -1, 0)),
                new FlatPart(self::points([[$left, 0], [$right, 0], [$right, $bend], [$left, $bend]]), new Point($left, $bend), $corner, $across, $up->times(-1.0)),
                new FlatPart(self::points([[$left - $s->tab, 0], [$left, 0], [$left, $bend], [$left - $s->tab, $bend]]), new Point($left, $bend), $corner, $back, $up->times(-1.0)),
                new FlatPart(self::points([[$right, 0], [$right + $s->tab, 0], [$right + $s->tab, $bend], [$right, $bend]]), new Point($right, $bend), new Vector($w, $h, 0), $back->times(-1.0), $up->times(-1.0)),
            ],
            fastener: $this->fastener(), screwed: $w + 2.0 * $over, seal: SealKind::ButylTape,
        );
    }

    private function fastener(): Fastener
    {
        return new Fastener($this->round->isScrewed() ? FastenerKind::Stitch : FastenerKind::Lap, $this->round->rule($this->order === WorkOrder::SidesFirst ? 'screwsClose' : 'screws'), []);
    }

    /** @return list<EndLine> */
    private function hemLine(float $length): array
    {
        return $this->sizes->hem > 0.0 ? [self::line(MarkKind::Bend, 0, $this->sizes->hem, $length, $this->sizes->hem)] : [];
    }

    private static function line(MarkKind $kind, float $u1, float $v1, float $u2, float $v2): EndLine
    {
        return new EndLine($kind, new Point($u1, $v1), new Point($u2, $v2));
    }

    /**
     * Of a mirrored flat corners still run round the same way.
     *
     * @param  list<array{float|int, float|int}>  $corners
     * @return list<Point>
     */
    private static function turned(bool $isMirrored, array $corners): array
    {
        return self::points($isMirrored ? array_reverse($corners) : $corners);
    }

    /**
     * @param  list<array{float|int, float|int}>  $corners
     * @return list<Point>
     */
    private static function points(array $corners): array
    {
        return array_map(static fn (array $corner): Point => new Point((float) $corner[0], (float) $corner[1]), $corners);
    }
}
