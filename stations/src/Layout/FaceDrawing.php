<?php

declare(strict_types=1);

namespace Imbrex\Stations\Layout;

use Closure;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Bounds;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Stations\Print\EdgePattern;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Words\Words;

/**
 * Draws a face with its panels in black on white, as large as its box allows: every piece by its number, what comes
 * through, the control line, the running marks where they are chalked, and the face's dimensions.
 */
final readonly class FaceDrawing
{
    /** Marks nearer to each other than this (points) cannot be told apart. */
    private const CLOSEST = 8.5;

    private const MARK = 8.4;

    private const PIECE = 7.4;

    /** Where in a piece its number is tried, shares of its height. */
    private const HEIGHTS = [0.5, 0.38, 0.62, 0.25, 0.75, 0.14];

    /** Between the face and its marks. */
    private const GAP = 9.0;

    /** For a line of dimensions. */
    private const DIMENSION = 18.0;

    public function __construct(private Sheet $sheet, private Words $words, private TapePrinter $tape)
    {
    }

    /**
     * @param  list<array{u: float, at: string, check: bool, eave: bool, head: string|null}>  $marks
     * @return bool whether every mark could be shown
     */
    public function draw(Plan $plan, Face $face, array $marks, float $x, float $y, float $wide, float $high): bool
    {
        $bounds = $face->outline->bounds();
        /** @param  Closure(array{u: float, at: string, check: bool, eave: bool, head: string|null}): ?string  $text */
        $longest = fn (Closure $text): float => max([0.0, ...array_map(fn (array $mark): float => $this->sheet->textWidth((string) $text($mark), self::MARK, true), $marks)]);
        [$above, $below] = [$longest(static fn (array $mark): ?string => $mark['head']), $longest(static fn (array $mark): ?string => $mark['eave'] ? $mark['at'] : null)];
        $above += self::GAP + 16.0;
        $below += self::GAP + self::DIMENSION + 6.0;
        $left = self::DIMENSION + 14.0;
        $scale = min(($wide - 2 * $left) / max(1.0, $bounds->width()), ($high - $above - $below) / max(1.0, $bounds->height()));
        $x0 = $x + ($wide - $bounds->width() * $scale) / 2.0;
        $foot = $y + $above + $bounds->height() * $scale;
        $at = static fn (Point $p): array => [$x0 + ($p->u - $bounds->left) * $scale, $foot - ($p->v - $bounds->bottom) * $scale];
        $corners = static fn (Polygon $loop): array => array_map($at, $loop->corners);
        $box = static function (Polygon $loop) use ($at): Bounds {
            [[$left, $low], [$right, $top]] = [$at(new Point($loop->bounds()->left, $loop->bounds()->bottom)), $at(new Point($loop->bounds()->right, $loop->bounds()->top))];

            return new Bounds($left, $top, $right, $low);
        };

        $control = $plan->of(LayoutStage::class)->layouts[$face->id]->control;
        foreach ($plan->of(CuttingStage::class)->panelsOf($face->id) as $panel) {
            $this->sheet->polygon($corners($panel->metal), null, 0.5, 0.45);
            $this->number($panel, $at, $scale, $control);
        }
        $pattern = new EdgePattern($this->sheet);
        foreach ($face->region()->loops() as $number => $loop) {
            foreach ($face->edgesOfLoop($number) as $side => $kind) {
                $pattern->draw($kind, $at($loop->corner($side)), $at($loop->corner($side + 1)));
            }
        }
        foreach ($face->openings as $opening) {
            $this->opening($opening->name, $corners($opening->outline), $box($opening->outline));
        }
        [$cx] = $at(new Point($control, 0.0));
        $this->sheet->line($cx, $y + 12.0, $cx, $foot + self::GAP, 1.4, [9.0, 3.0, 2.0, 3.0]);
        $this->sheet->text($cx, $y + 9.0, $this->words->say('layout.control-line'), self::MARK, true, 'middle');
        $this->dimension($x0, $foot + $below - self::DIMENSION + 8.0, $bounds->width() * $scale, $this->tape->print($bounds->width()), false);
        $this->dimension($x0 - $left + 8.0, $foot, $bounds->height() * $scale, $this->tape->print($bounds->height()), true);

        return $this->marks($face, $marks, $at, $y + $above, $foot);
    }

    /** @return list<EdgeKind> the kinds of a face's edges, for a legend */
    public static function kinds(Face $face): array
    {
        $kinds = [];
        foreach (array_keys($face->region()->loops()) as $number) {
            foreach ($face->edgesOfLoop($number) as $kind) {
                $kinds[$kind->value] = $kind;
            }
        }

        return array_values($kinds);
    }

    /** @param  list<EdgeKind>  $kinds */
    public function legend(array $kinds, float $x, float $y): void
    {
        $named = array_column(array_map(fn (EdgeKind $kind): array => [$kind->value, $this->words->say("edge.$kind->value")], $kinds), 1, 0);
        (new EdgePattern($this->sheet))->legend($named, $x, $y, self::MARK);
    }

    /**
     * A piece's number where there is room for it, off the control line and off the piece's own edges.
     *
     * @param  Closure(Point): array{float, float}  $at
     * @param  float  $scale  points an inch
     */
    private function number(Panel $panel, Closure $at, float $scale, float $control): void
    {
        $number = (string) preg_replace('/^.*-/', '', $panel->id);
        $bounds = $panel->metal->bounds();
        [$aside, $up] = [($this->sheet->textWidth($number, self::PIECE) / 2.0 + 1.2) / $scale, self::PIECE * 0.55 / $scale];
        $u = ($bounds->left + $bounds->right) / 2.0;
        foreach (abs($u - $control) < $aside ? [] : self::HEIGHTS as $share) {
            $v = $bounds->bottom + $bounds->height() * $share;
            $box = [new Point($u - $aside, $v - $up), new Point($u + $aside, $v - $up), new Point($u - $aside, $v + $up), new Point($u + $aside, $v + $up)];
            if (array_filter($box, static fn (Point $corner): bool => ! $panel->metal->contains($corner)) === []) {
                [$x, $y] = $at(new Point($u, $v));
                $this->sheet->text($x, $y + self::PIECE * 0.35, $number, self::PIECE, false, 'middle');

                return;
            }
        }
    }

    /** @param  list<array{float, float}>  $corners */
    private function opening(string $name, array $corners, Bounds $box): void
    {
        $this->sheet->polygon($corners, 0.88, 1.2);
        if ($this->sheet->textWidth($name, self::PIECE, true) <= $box->width() - 4.0) {
            $this->sheet->text(($box->left + $box->right) / 2.0, ($box->bottom + $box->top) / 2.0 + self::PIECE / 3.0, $name, self::PIECE, true, 'middle');
        }
    }

    /**
     * @param  list<array{u: float, at: string, check: bool, eave: bool, head: string|null}>  $marks
     * @param  Closure(Point): array{float, float}  $at
     */
    private function marks(Face $face, array $marks, Closure $at, float $top, float $foot): bool
    {
        $all = true;
        $last = ['eave' => -INF, 'head' => -INF];
        foreach ($marks as $mark) {
            [$x] = $at(new Point($mark['u'], 0.0));
            $ends = $this->ends($face, $mark['u']);
            foreach (['eave' => $mark['eave'] ? $mark['at'] : null, 'head' => $mark['head']] as $edge => $text) {
                if ($text === null) {
                    continue;
                }
                if ($x - $last[$edge] < self::CLOSEST) {
                    $all = false;

                    continue;
                }
                $last[$edge] = $x;
                $line = $edge === 'eave' ? $foot : $top;
                [, $end] = $at(new Point($mark['u'], $edge === 'eave' ? $ends[0] : $ends[1]));
                $out = $edge === 'eave' ? self::GAP : -self::GAP;
                abs($end - $line) > 2.0 && $this->sheet->line($x, $end, $x, $line, 0.3, [], 0.6);
                $this->sheet->line($x, $line + $out * 0.55, $x, $line + $out * 0.9, $mark['check'] ? 1.6 : 0.8);
                $this->sheet->text($x + self::MARK * 0.35, $line + $out, $text, self::MARK, $mark['check'], $edge === 'eave' ? 'right' : 'left', 90.0);
            }
        }

        return $all;
    }

    /** @return array{float, float} how low and how high the face reaches there, v */
    private function ends(Face $face, float $u): array
    {
        $bounds = $face->outline->bounds();
        $crossings = $face->outline->transposed()->crossingsAt(max($bounds->left + 1e-6, min($bounds->right - 1e-6, $u)));

        return $crossings === [] ? [$bounds->bottom, $bounds->top] : [min($crossings), max($crossings)];
    }

    private function dimension(float $x, float $y, float $length, string $text, bool $upright): void
    {
        $gap = $this->sheet->textWidth($text, self::MARK + 1.6, true) + 10.0;
        foreach ([[0.0, max(0.0, ($length - $gap) / 2.0)], [min($length, ($length + $gap) / 2.0), $length]] as [$from, $to]) {
            $upright ? $this->sheet->line($x, $y - $from, $x, $y - $to, 0.7) : $this->sheet->line($x + $from, $y, $x + $to, $y, 0.7);
        }
        foreach ([0.0, $length] as $end) {
            $upright ? $this->sheet->line($x - 4.0, $y - $end, $x + 4.0, $y - $end, 0.7) : $this->sheet->line($x + $end, $y - 4.0, $x + $end, $y + 4.0, 0.7);
        }
        $upright
            ? $this->sheet->text($x + 3.4, $y - $length / 2.0, $text, self::MARK + 1.6, true, 'middle', 90.0)
            : $this->sheet->text($x + $length / 2.0, $y + 3.4, $text, self::MARK + 1.6, true, 'middle');
    }
}
