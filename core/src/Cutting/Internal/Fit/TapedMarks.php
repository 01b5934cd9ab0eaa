<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal\Fit;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\Cutting\Fit\TapedMark;
use Imbrex\Core\Cutting\Internal\Bound;
use Imbrex\Core\Cutting\Internal\CardSide;
use Imbrex\Core\Cutting\Internal\PieceSides;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Layout\FaceLoop;
use Imbrex\Core\Layout\FaceSide;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\SideFinder;

/** Says where on their faces observations lie. */
final class TapedMarks
{
    /** A tolerance is given as what holds nineteen times in twenty. */
    private const TOLERANCE_IN_SIGMAS = 2.0;

    /** @var array<string, list<FaceSide>> by face: what the tags of its sheets stand for */
    private array $sides = [];

    /** @param  array<string, Panel>  $panels  as drawn, by id */
    public function __construct(private readonly Builds $builds, private readonly SideFinder $finder, private readonly array $panels)
    {
    }

    /** Null where what it was taped on does not end at that edge. */
    public function mark(Observation $observation, Face $face): ?TapedMark
    {
        if ($face->frame === null) {
            return null;
        }
        $sigma = $observation->source->tolerance($observation->measured(), $this->builds->covering->rules) / self::TOLERANCE_IN_SIGMAS;
        $taped = $observation->taped;
        if ($taped instanceof Point) {
            return ! $this->endsAt($face, $observation->edge) ? null : new TapedMark($observation, $face->frame, $taped, 0.0, $sigma, false);
        }
        $panel = $this->panels[$taped->panel] ?? null;
        $end = $panel === null || $panel->face !== $face->id ? null : $this->end($panel, $face, $observation->edge);
        if ($panel === null || $end === null) {
            return null;
        }
        [$piece, $side, $own] = $end;
        $isLow = $side->isLowEnd();
        // The longer side is where a head reaches highest and a foot lowest.
        $left = ($side->end(true)->v > $side->end(false)->v) === ($taped->longSide !== $isLow);
        $bounds = $panel->sheet->bounds();
        $hem = $taped->folded ? $this->hemAt($piece, $taped->fromHead) : 0.0;
        $up = $taped->fromHead ? $piece->length - $hem - $taped->measured : $hem + $taped->measured;
        $past = $own->allowance->offset + ($taped->folded ? 0.0 : $own->allowance->hem);

        return new TapedMark(
            $observation,
            $face->frame,
            new Point($bounds->left + $piece->tapeAt($side, $left, $this->builds->covering->profile), $bounds->bottom + $up),
            $isLow ? -$past : $past,
            $sigma,
            $taped->fromHead,
        );
    }

    /** Whether panels of a face end at an edge; beside one that runs up the slope none does. */
    private function endsAt(Face $face, string $edge): bool
    {
        foreach ($face->region()->loops() as $number => $loop) {
            foreach ($face->edgesOfLoop($number) as $side => $kind) {
                if (! $kind->runsUpSlope() && $this->finder->edge($face, $number, $side)?->id === $edge) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array{PieceSides, CardSide, FaceSide}|null the end of a panel at an edge */
    private function end(Panel $panel, Face $face, string $edge): ?array
    {
        $sides = $this->sides[$face->id] ??= array_merge(...array_map(static fn (FaceLoop $loop): array => $loop->sides, FaceLoop::of($face, $this->builds)));
        $piece = PieceSides::of($panel->sheet, $panel->sheetHoles, $sides);
        foreach ($piece->sides as $i => $side) {
            $own = $sides[$panel->sheet->tag($i)] ?? null;
            if ($own !== null && $side->bound->isEnd() && ! $side->isUpright() && $this->finder->edge($face, $own->loop, $own->side)?->id === $edge) {
                return [$piece, $side, $own];
            }
        }

        return null;
    }

    /** What is folded under at the hooked end, inches along the rib. */
    private function hemAt(PieceSides $piece, bool $head): float
    {
        foreach ($piece->sides as $side) {
            $reaches = $head ? $side->high()->v > $piece->length - Tolerance::SAME_CUT : $side->low()->v < Tolerance::SAME_CUT;
            if ($reaches && $side->bound === ($head ? Bound::Head : Bound::Foot)) {
                return $side->hemAlong();
            }
        }

        return 0.0;
    }
}
