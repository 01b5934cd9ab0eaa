<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Builds\Fastener;
use Imbrex\Core\Builds\SealKind;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Trims\Ends\EndLine;

/** One piece round an opening: its flat with the lines it is cut and bent by, and how it stands. */
final readonly class OpeningPiece
{
    /**
     * @param  list<Point>  $flat  outline, colour up, inches from its low left corner; none where it comes ready made or is cut elsewhere
     * @param  list<EndLine>  $lines  to cut, bend and notch by
     * @param  list<FlatPart>  $parts  between its bends
     * @param  PieceRole|null  $under  what it is slid under, though it goes on later
     * @param  Fastener|null  $fastener  what holds it, and how far apart
     * @param  int  $count  how many fasteners, or how many there are of it where it is cut elsewhere
     * @param  float  $screwed  length its fasteners are spread over, inches
     * @param  list<string>  $of  ids of the panels or the runs of trim it is made of, where it is cut elsewhere
     */
    public function __construct(
        public PieceRole $role,
        public array $flat = [],
        public array $lines = [],
        public array $parts = [],
        public ?PieceRole $under = null,
        public ?Fastener $fastener = null,
        public float $screwed = 0.0,
        public ?SealKind $seal = null,
        public array $of = [],
        public int $count = 1,
    ) {
    }

    /** Fasteners along it, one at each end. */
    public function fasteners(): int
    {
        return $this->fastener === null || $this->screwed <= 0.0 ? 0 : (int) floor($this->screwed / max(0.5, $this->fastener->spacing) + 1e-9) + 1;
    }

    /** Square inches of its flat. */
    public function area(): float
    {
        $twice = 0.0;
        foreach ($this->flat as $i => $point) {
            $next = $this->flat[($i + 1) % count($this->flat)];
            $twice += $point->u * $next->v - $next->u * $point->v;
        }

        return abs($twice) / 2.0;
    }

    /** @return array{float, float} of the sheet it is cut from, inches: along and across */
    public function sheet(): array
    {
        $us = array_map(static fn (Point $point): float => $point->u, $this->flat);
        $vs = array_map(static fn (Point $point): float => $point->v, $this->flat);

        return $this->flat === [] ? [0.0, 0.0] : [max($us) - min($us), max($vs) - min($vs)];
    }

    public function slidUnder(?PieceRole $under): self
    {
        return new self($this->role, $this->flat, $this->lines, $this->parts, $under, $this->fastener, $this->screwed, $this->seal, $this->of, $this->count);
    }
}
