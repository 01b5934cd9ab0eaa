<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Internal;

use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;

/**
 * The line a section's layers lie along, square to the edge: from the field or down a wall to the roof line at 0, across it
 * and outwards. Drawn with x outwards and y up, inches; water side to the left of its way.
 */
final readonly class SectionPath
{
    /** Fascia and wall drawn, inches. */
    private const FACE = 6.5;

    /**
     * @param  list<array{float, Point}>  $nodes  distance along the path, and where
     * @param  float|null  $free  from here on what ends drips into the air, or down a face nobody minds; null = nowhere
     */
    private function __construct(public EdgeKind $kind, public array $nodes, public ?float $free)
    {
    }

    /**
     * @param  float  $slope  degrees the deck falls square to the edge; at a pitch change the upper roof's
     * @param  float  $other  degrees on the other side of a ridge, a hip or a valley, or of the lower roof at a pitch change
     * @param  float  $upstand  how high the metal is turned up at a rake, inches
     */
    public static function of(EdgeKind $kind, float $slope, float $other = 0.0, float $upstand = 0.0): self
    {
        $field = Layer::FIELD;
        $at = static fn (float $along, float $degrees): Point => new Point($along * cos(deg2rad($degrees)), $along * sin(deg2rad($degrees)));
        $foot = [0.0, new Point(0.0, 0.0)];

        return match ($kind) {
            EdgeKind::Rake => new self($kind, [[-$field, new Point(-$field, 0.0)], $foot, [$upstand, new Point(0.0, $upstand)], [2.0 * $upstand + self::FACE, new Point(0.0, -self::FACE)]], $upstand),
            EdgeKind::Ridge, EdgeKind::Hip => new self($kind, [[-$field, $at(-$field, $slope)], $foot, [$field, $at($field, -$other)]], null),
            EdgeKind::Peak => new self($kind, [[-$field, $at(-$field, $slope)], $foot, [self::FACE, new Point(0.0, -self::FACE)]], 0.0),
            EdgeKind::Valley => new self($kind, [[-$field, $at(-$field, -$slope)], $foot, [$field, $at($field, $other)]], null),
            EdgeKind::Headwall => new self($kind, [[-$field, new Point(0.0, $field)], $foot, [$field, $at($field, -$slope)]], null),
            EdgeKind::Sidewall => new self($kind, [[-$field, new Point(0.0, $field)], $foot, [$field, new Point($field, 0.0)]], null),
            EdgeKind::Transition, EdgeKind::CrossEnd => new self($kind, [[-$field, $at(-$field, -$slope)], $foot, [$field, $at($field, -$other)]], null),
            default => new self($kind, [[-$field, $at(-$field, -$slope)], $foot, [self::FACE, new Point(0.0, -self::FACE)]], 0.0),
        };
    }

    public function start(): float
    {
        return $this->nodes[0][0];
    }

    public function end(): float
    {
        return $this->nodes[count($this->nodes) - 1][0];
    }

    /** Whether the path goes on beyond the drawing there, under layers that do, too. */
    public function goesOn(float $at): bool
    {
        return abs($at) >= Layer::FIELD;
    }

    /**
     * Which way water runs just before or behind a place.
     *
     * @param  int  $side  -1 just before it on the path, 1 just behind
     * @return int 1 = along the path, -1 = against it, 0 = neither
     */
    public function runs(float $at, int $side): int
    {
        [$from, $to] = $this->segment($at + $side * 1e-6);
        $fall = $this->nodes[$from][1]->v - $this->nodes[$to][1]->v;

        return abs($fall) < 1e-9 ? 0 : ($fall > 0.0 ? 1 : -1);
    }

    /** Whether what lies there drips free. */
    public function isFree(float $at): bool
    {
        return $this->free !== null && $at > $this->free + 1e-9;
    }

    /** Where water gathers and runs along the edge: the lowest node that has higher ones on both sides; null where there is none. */
    public function trough(): ?float
    {
        foreach (array_keys($this->nodes) as $i) {
            $at = $this->nodes[$i][0];
            if (isset($this->nodes[$i - 1], $this->nodes[$i + 1]) && $this->runs($at, -1) > 0 && $this->runs($at, 1) < 0) {
                return $at;
            }
        }

        return null;
    }

    /** @return array{int, int} the nodes a place lies between */
    public function segment(float $at): array
    {
        for ($i = 1; $i < count($this->nodes) - 1 && $at > $this->nodes[$i][0]; $i++);

        return [$i - 1, $i];
    }

    /**
     * A place, off the line to the water side.
     *
     * @param  int|null  $segment  number of the segment it is counted from, also past its ends
     */
    public function place(float $at, float $off = 0.0, ?int $segment = null): Point
    {
        [$i, $j] = $segment === null ? $this->segment($at) : [$segment, $segment + 1];
        [[$from, $a], [$to, $b]] = [$this->nodes[$i], $this->nodes[$j]];
        $share = ($at - $from) / ($to - $from);
        $length = $a->distanceTo($b);

        return new Point(
            $a->u + $share * ($b->u - $a->u) - $off * ($b->v - $a->v) / $length,
            $a->v + $share * ($b->v - $a->v) + $off * ($b->u - $a->u) / $length,
        );
    }
}
