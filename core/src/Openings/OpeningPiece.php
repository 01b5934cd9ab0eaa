<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Metalwork\Fastener;
use Imbrex\Core\Ground\Metalwork\FlatPart;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\SealKind;
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

    /** @return list<PieceMark> where its lines begin, end and turn, from left to right */
    public function marks(): array
    {
        $marks = [];
        foreach ($this->lines as $line) {
            foreach ([$line->from, $line->to] as $at) {
                // Where a bend and a cut meet one cuts: that is the mark.
                $key = sprintf('%.4f %.4f', $at->u, $at->v);
                if (! isset($marks[$key]) || $marks[$key]->kind === MarkKind::Bend) {
                    $marks[$key] = new PieceMark($line->kind, $at->u, $at->v);
                }
            }
        }
        $marks = array_values($marks);
        usort($marks, static fn (PieceMark $a, PieceMark $b): int => [round($a->along, 4), $a->across] <=> [round($b->along, 4), $b->across]);

        return $marks;
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
        $bounds = $this->flat === [] ? null : Polygon::sound($this->flat)->bounds();

        return $bounds === null ? [0.0, 0.0] : [$bounds->width(), $bounds->height()];
    }

    /** As it comes out of its box: nothing is cut or bent. */
    public function ready(): self
    {
        return new self(
            role: $this->role,
            flat: [],
            lines: [],
            parts: $this->parts,
            under: $this->under,
            fastener: $this->fastener,
            screwed: $this->screwed,
            seal: $this->seal,
            of: $this->of,
            count: $this->count,
        );
    }

    /** Fastened so far apart, inches. */
    public function spaced(float $spacing): self
    {
        return new self(
            role: $this->role,
            flat: $this->flat,
            lines: $this->lines,
            parts: $this->parts,
            under: $this->under,
            fastener: $this->fastener?->spaced($spacing),
            screwed: $this->screwed,
            seal: $this->seal,
            of: $this->of,
            count: $this->count,
        );
    }

    public function slidUnder(?PieceRole $under): self
    {
        return new self(
            role: $this->role,
            flat: $this->flat,
            lines: $this->lines,
            parts: $this->parts,
            under: $under,
            fastener: $this->fastener,
            screwed: $this->screwed,
            seal: $this->seal,
            of: $this->of,
            count: $this->count,
        );
    }
}
