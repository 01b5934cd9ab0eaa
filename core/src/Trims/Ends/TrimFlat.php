<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Ends;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Trims\TrimPiece;
use Imbrex\Core\Trims\TrimRun;

/** A whole piece of trim laid flat, colour up, low edge down: x from its left end, y up, inches. */
final readonly class TrimFlat
{
    /**
     * @param  list<Point>  $outline
     * @param  list<EndLine>  $lines  to cut, bend and notch by, bends of the trim with them
     */
    private function __construct(public array $outline, public array $lines, public float $length, public float $girth)
    {
    }

    public static function of(TrimRun $run, TrimPiece $piece): self
    {
        $low = $run->end($piece, false);
        $high = $run->end($piece, true);
        [$left, $right] = $low->isLeft ? [$low, $high] : [$high, $low];
        $fromLeft = static fn (Point $p): Point => $p;
        $fromRight = static fn (Point $p): Point => new Point($piece->length - $p->u, $p->v);
        $lines = [];
        foreach ([[$left, $fromLeft], [$right, $fromRight]] as [$end, $at]) {
            foreach ($end->lines as $line) {
                $lines[] = new EndLine($line->kind, $at($line->from), $at($line->to));
            }
        }
        foreach ($left->bends as $i => [$across, $from]) {
            $lines[] = new EndLine(MarkKind::Bend, new Point($from, $across), new Point($piece->length - ($right->bends[$i][1] ?? 0.0), $across));
        }

        return new self([...array_reverse($left->outline), ...array_map($fromRight, $right->outline)], $lines, $piece->length, $run->girth);
    }

    /** Square inches of metal. */
    public function area(): float
    {
        $twice = 0.0;
        foreach ($this->outline as $i => $p) {
            $next = $this->outline[($i + 1) % count($this->outline)];
            $twice += $p->u * $next->v - $next->u * $p->v;
        }

        return abs($twice) / 2.0;
    }
}
