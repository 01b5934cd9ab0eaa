<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Layout\Finder\Tie;
use Imbrex\Core\Layout\Internal\RunningMarkKind;
use Imbrex\Core\Roof\Face;

/** The seam marks of a face along its eave and its high edge, all from one zero: the control line. */
final readonly class RunningMarks
{
    public function __construct(private RuleSet $rules)
    {
    }

    /** @return list<RunningMark> from left to right */
    public function alongEave(Face $face, FaceLayout $layout): array
    {
        return $this->along($face, $layout, static fn (EdgeKind $kind): bool => $kind === EdgeKind::Eave);
    }

    /**
     * Along ridge, peak or headwall. Each seam at a ridge knows the seam it meets on the other side.
     *
     * @param  list<Tie>  $ties  of the face, looked at from it
     * @param  array<string, FaceLayout>  $layouts  of the faces across them
     * @return list<RunningMark> from left to right
     */
    public function alongHead(Face $face, FaceLayout $layout, array $ties = [], array $layouts = []): array
    {
        return array_map(
            fn (RunningMark $mark): RunningMark => $mark->kind === RunningMarkKind::Rake ? $mark : $this->met($mark, $layout->control + $mark->distance, $ties, $layouts),
            $this->along($face, $layout, static fn (EdgeKind $kind): bool => $kind->isHighEnd()),
        );
    }

    /**
     * @param  list<Tie>  $ties
     * @param  array<string, FaceLayout>  $layouts
     */
    private function met(RunningMark $mark, float $u, array $ties, array $layouts): RunningMark
    {
        foreach ($ties as $tie) {
            $theirs = $layouts[$tie->other] ?? null;
            if ($theirs === null || $theirs->seams === [] || $u < $tie->low - Tolerance::LENGTH || $u > $tie->high + Tolerance::LENGTH) {
                continue;
            }
            $w = $tie->across($u);
            $nearest = array_reduce($theirs->seams, static fn (?float $best, float $seam): float => $best === null || abs($seam - $w) < abs($best - $w) ? $seam : $best);

            return $mark->meeting($tie->other, $nearest - $theirs->control, abs($nearest - $w));
        }

        return $mark;
    }

    /**
     * @param  callable(EdgeKind): bool  $wanted
     * @return list<RunningMark>
     */
    private function along(Face $face, FaceLayout $layout, callable $wanted): array
    {
        $every = max(1, (int) $this->rules->number('layout.checkMarkEvery'));
        $candidates = [[$layout->control, RunningMarkKind::Control, false]];
        $cover = $layout->strips[0]->cover ?? INF;
        foreach ($layout->seams as $u) {
            // Counted away from the control line to either side, as crews lay and call them.
            $number = (int) ceil(abs($u - $layout->control) / $cover - Tolerance::LENGTH);
            $candidates[] = [$u, RunningMarkKind::Seam, $number > 0 && $number % $every === 0];
        }
        $candidates[] = [$layout->span->left, RunningMarkKind::Rake, false];
        $candidates[] = [$layout->span->right, RunningMarkKind::Rake, false];
        $marks = [];
        foreach ($candidates as [$u, $kind, $check]) {
            $onControl = $kind !== RunningMarkKind::Control && Tolerance::same($u, $layout->control);
            if (! $onControl && ($kind !== RunningMarkKind::Seam || $this->reaches($face, $u, $wanted))) {
                $marks[] = new RunningMark($u - $layout->control, $kind, $check);
            }
        }
        usort($marks, static fn (RunningMark $a, RunningMark $b): int => $a->distance <=> $b->distance);

        return $marks;
    }

    /** @param  callable(EdgeKind): bool  $wanted */
    private function reaches(Face $face, float $u, callable $wanted): bool
    {
        foreach ($face->edges as $side => $kind) {
            $a = $face->outline->corner($side);
            $b = $face->outline->corner($side + 1);
            if ($wanted($kind) && $u >= min($a->u, $b->u) - Tolerance::LENGTH && $u <= max($a->u, $b->u) + Tolerance::LENGTH) {
                return true;
            }
        }

        return false;
    }
}
