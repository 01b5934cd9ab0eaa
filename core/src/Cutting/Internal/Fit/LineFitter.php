<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal\Fit;

use Imbrex\Core\Cutting\Fit\LineFit;
use Imbrex\Core\Cutting\Fit\TapedMark;
use Imbrex\Core\Roof\Edge;

/**
 * Lays a line through taped marks: least squares of what each misses it by up the rib, weighted by its source. One
 * mark moves the drawn line parallel; two or more turn it, too, if they lie far enough apart to tell.
 */
final readonly class LineFitter
{
    /** Inches along the edge. Marks nearer to each other cannot tell an angle: an eighth would turn it by degrees. */
    public const TO_TURN = 4.0;

    /** The steps to it shrink a hundredfold each; this many are far more than enough. */
    private const MOST_STEPS = 25;

    private const SETTLED = 1e-11;

    /** Radians: a roof's edge is drawn truer than this, or marks of another edge are among them. */
    private const MOST_TURN = 0.35;

    /** @param  list<TapedMark>  $marks  their order does not matter */
    public function fit(Edge $edge, array $marks): LineFit
    {
        if ($marks === []) {
            return new LineFit($edge);
        }
        // Sums come out alike to the last bit.
        usort($marks, static fn (TapedMark $a, TapedMark $b): int => strnatcmp($a->observation->id, $b->observation->id));
        $turned = self::tellAnAngle(new LineFit($edge), $marks) ? $this->through($edge, $marks, true) : null;

        return $turned ?? $this->through($edge, $marks, false) ?? new LineFit($edge);
    }

    /**
     * @param  non-empty-list<TapedMark>  $marks
     * @return LineFit|null null where no line of this edge lies near them: some of them are slips
     */
    private function through(Edge $edge, array $marks, bool $turns): ?LineFit
    {
        $line = new LineFit($edge);
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            [$move, $turn] = $this->step($line, $marks, $turns);
            $line = new LineFit($edge, $line->move + $move, $line->turn + $turn);
            if (! is_finite($line->move) || ! (abs($line->turn) <= self::MOST_TURN)) {
                return null;
            }
            if (abs($move) < self::SETTLED && abs($turn) < self::SETTLED) {
                break;
            }
        }

        return $line;
    }

    /** @param  list<TapedMark>  $marks */
    public static function tellAnAngle(LineFit $line, array $marks): bool
    {
        $places = array_map(static fn (TapedMark $mark): float => $line->place($mark->frame, $mark->at), $marks);

        return count($places) > 1 && max($places) - min($places) > self::TO_TURN;
    }

    /**
     * How much of its own reading each mark settles in a fit, 0 to 1 (the diagonal of the hat matrix), by the order given.
     *
     * @param  list<TapedMark>  $marks
     * @return list<float>
     */
    public function shares(LineFit $line, array $marks): array
    {
        $turns = self::tellAnAngle($line, $marks);
        $rows = array_map(fn (TapedMark $mark): array => $this->row($line, $mark, $turns), $marks);
        [$a, $b, $c] = $this->normal($rows);
        $whole = $turns ? $a * $c - $b * $b : $a;
        if (abs($whole) <= self::SETTLED) {
            return array_map(static fn (): float => 1.0 / count($rows), $rows);
        }

        return array_map(static fn (array $row): float => $turns
            ? ($c * $row[0] ** 2 - 2.0 * $b * $row[0] * $row[1] + $a * $row[1] ** 2) / $whole
            : $row[0] ** 2 / $whole, $rows);
    }

    /**
     * One step of Gauss and Newton.
     *
     * @param  list<TapedMark>  $marks
     * @return array{float, float} to move and to turn besides
     */
    private function step(LineFit $line, array $marks, bool $turns): array
    {
        $rows = array_map(fn (TapedMark $mark): array => $this->row($line, $mark, $turns), $marks);
        [$a, $b, $c] = $this->normal($rows);
        $p = array_sum(array_map(static fn (array $row): float => $row[0] * $row[2], $rows));
        $q = array_sum(array_map(static fn (array $row): float => $row[1] * $row[2], $rows));
        if (! $turns) {
            return [fdiv($p, $a), 0.0];
        }
        $whole = $a * $c - $b * $b;

        return [fdiv($c * $p - $b * $q, $whole), fdiv($a * $q - $b * $p, $whole)];
    }

    /**
     * @param  list<array{float, float, float}>  $rows
     * @return array{float, float, float}
     */
    private function normal(array $rows): array
    {
        return [
            array_sum(array_map(static fn (array $row): float => $row[0] ** 2, $rows)),
            array_sum(array_map(static fn (array $row): float => $row[0] * $row[1], $rows)),
            array_sum(array_map(static fn (array $row): float => $row[1] ** 2, $rows)),
        ];
    }

    /**
     * @return array{float, float, float} what moving and turning do to the line at a mark, up its rib, and how far the mark
     *                                    lies above it; all by the reading's standard deviation
     */
    private function row(LineFit $line, TapedMark $mark, bool $turns): array
    {
        $h = 1e-4;
        $above = $line->above($mark);
        $moved = new LineFit($line->edge, $line->move + $h, $line->turn);
        $turned = new LineFit($line->edge, $line->move, $line->turn + $h);

        return [
            ($above - $moved->above($mark)) / $h / $mark->sigma,
            $turns ? ($above - $turned->above($mark)) / $h / $mark->sigma : 0.0,
            $above / $mark->sigma,
        ];
    }
}
