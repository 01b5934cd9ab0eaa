<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Layout\Internal\Span;

/** A strip of a convex face with square rakes: it takes the height of what lies under its sheet, without cutting it. */
final readonly class SimpleStrip implements StripTakes
{
    /** @var list<array{float, float}> corners of the head from the left, u and v */
    private array $head;

    /** @var list<array{float, float}> of the foot */
    private array $foot;

    private Span $under;

    /**
     * @param  Polygon  $blank  what the face is cut from
     * @param  Span  $metal  where metal begins and ends; a strip outside it is no panel
     * @param  float  $before  metal left of the module line, inches; `$after` right of the next one
     * @param  bool  $openLeft  whether a turn-up at the left rake belongs to the strip there, however wide it is; `$openRight` at the right one
     */
    public function __construct(Polygon $blank, private Span $metal, private float $cover, private float $before, private float $after, private bool $openLeft, private bool $openRight)
    {
        $bounds = $blank->bounds();
        $this->under = new Span($bounds->left, $bounds->right);
        [$head, $foot] = [[], []];
        foreach ($blank->corners as $i => $from) {
            $to = $blank->corner($i + 1);
            if ($to->u > $from->u + Tolerance::LENGTH) {
                array_push($foot, [$from->u, $from->v], [$to->u, $to->v]);
            } elseif ($to->u < $from->u - Tolerance::LENGTH) {
                array_push($head, [$from->u, $from->v], [$to->u, $to->v]);
            }
        }
        usort($head, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        usort($foot, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$this->head, $this->foot] = [$head, $foot];
    }

    public function at(float $u): Taken
    {
        if ($u + $this->cover <= $this->metal->left + Tolerance::ON_LINE || $u >= $this->metal->right - Tolerance::ON_LINE) {
            return new Taken(0, 0.0);
        }
        $left = $this->openLeft && $u < $this->metal->left - Tolerance::ON_LINE ? -INF : $u - $this->before;
        $right = $this->openRight && $u + $this->cover > $this->metal->right + Tolerance::ON_LINE ? INF : $u + $this->cover + $this->after;
        [$left, $right] = [max($left, $this->under->left), min($right, $this->under->right)];

        return new Taken(1, $this->most($this->head, 1.0, $left, $right) + $this->most($this->foot, -1.0, $left, $right));
    }

    /**
     * The greatest height, or depth, between two places.
     *
     * @param  list<array{float, float}>  $line
     */
    private function most(array $line, float $sign, float $left, float $right): float
    {
        $most = -INF;
        for ($i = 1, $n = count($line); $i < $n; $i++) {
            [[$u, $v], [$w, $z]] = [$line[$i - 1], $line[$i]];
            if ($w < $left || $u > $right || $w - $u < Tolerance::LENGTH) {
                continue;
            }
            $slope = ($z - $v) / ($w - $u);
            $most = max($most, $sign * ($v + (max($left, $u) - $u) * $slope), $sign * ($v + (min($right, $w) - $u) * $slope));
        }

        return $most;
    }
}
