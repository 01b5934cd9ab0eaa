<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Fit;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingResult;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Internal\Cutter;
use Imbrex\Core\Cutting\Internal\Fit\LineFitter;
use Imbrex\Core\Cutting\Internal\Fit\TapedMarks;
use Imbrex\Core\Cutting\OrderLength;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Facts\CutPanel;
use Imbrex\Core\Facts\PiecesCut;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Metalwork\TwoLengths;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;

/** A piece at one of the edges it is cut to: what the tape should read, the square to set, what was found, the cards that follow. */
final readonly class PieceLine
{
    private const NEXT = 3;

    private const A_SIXTEENTH = 1.0 / 16.0;

    private const WORTH_A_WORD = 0.25;

    /** @param  array<string, CutPanel>  $cut  what is cut already, by panel */
    private function __construct(
        private Face $face,
        private Panel $panel,
        public Edge $edge,
        public ?FittedLine $fitted,
        private Roof $roof,
        private Builds $builds,
        private FaceLayout $layout,
        private CuttingResult $cutting,
        private CutCardMaker $cards,
        private Profile $profile,
        private array $cut,
    ) {
    }

    /** @return list<self> by the edges a piece is cut to at an angle */
    public static function all(Plan $plan, Face $face, Panel $panel): array
    {
        $lines = [];
        [$roof, $cutting] = [$plan->of(RoofStage::class)->roof, $plan->of(CuttingStage::class)];
        foreach (CutCardMaker::of($plan)->angledEdges($roof, $face, $panel) as $id) {
            $edge = $roof->edge($id);
            if ($edge !== null) {
                $lines[] = new self(
                    face: $face,
                    panel: $panel,
                    edge: $edge,
                    fitted: $cutting->fits->lines[$id] ?? null,
                    roof: $roof,
                    builds: $plan->of(BuildsStage::class),
                    layout: $plan->of(LayoutStage::class)->layouts[$face->id],
                    cutting: $cutting,
                    cards: CutCardMaker::of($plan),
                    profile: $plan->job->covering->profile,
                    cut: $plan->circumstances->part(PiecesCut::class)->panels,
                );
            }
        }

        return $lines;
    }

    /**
     * What a tape reads on the piece where its end lies as its card has it, inches; null where it ends at no such edge.
     *
     * @param  bool  $fromHead  it hooks T, not B
     * @param  bool  $folded  hems are folded under and not in it
     */
    public function reads(bool $long, bool $fromHead, bool $folded): ?float
    {
        $marks = new TapedMarks($this->builds, new SideFinder($this->roof), [$this->panel->id => $this->panel]);
        $mark = $marks->mark(new Observation('', $this->edge->id, $this->face->id, new SideTaped($this->panel->id, $long, 0.0, $fromHead, $folded)), $this->face);

        $line = $this->cutting->fits->line($this->edge->id, $this->panel->id) ?? new LineFit($this->edge);

        // Nothing on the tape misses by all that should be.
        return $mark === null ? null : -$line->miss($mark);
    }

    /** Angle between the line and the ribs, degrees: as drawn, or as taped; null where nothing was taped. */
    public function degrees(bool $taped): ?float
    {
        if (! $taped) {
            return $this->edge->angleToRibDegrees[$this->face->id] ?? null;
        }

        return $this->face->frame === null ? null : $this->fitted?->line?->angleToRibDegrees($this->face->frame);
    }

    /** Inches the line lies off the drawn one at its middle, square to it; positive where the face has grown. */
    public function offset(): ?float
    {
        return $this->face->frame === null ? null : $this->fitted?->line?->offset($this->face->frame, $this->edge->faces[0] === $this->face->id);
    }

    /**
     * How far the farther end of the edge moves up its rib when one of the marks is misread by a sixteenth, inches; null
     * where that is not worth a word.
     */
    public function farEnd(): ?float
    {
        $line = $this->fitted?->line;
        $frame = $this->face->frame;
        if ($line === null || $frame === null) {
            return null;
        }
        $marks = $this->fitted->used();
        $most = 0.0;
        foreach (array_keys($marks) as $i) {
            $misread = $marks;
            $misread[$i] = $marks[$i]->misread(self::A_SIXTEENTH);
            $other = (new LineFitter)->fit($line->edge, array_values($misread));
            foreach ($line->on($frame) as $end => $point) {
                $most = max($most, abs($other->on($frame)[$end]->v - $point->v));
            }
        }

        return $most > self::WORTH_A_WORD ? $most : null;
    }

    /**
     * Seams that run at the edge, where its line can be taped up from the eave.
     *
     * @return list<array{float, float, int}> u of the seam, v of the line there as it is held now (inches), and the position of the strip left of it
     */
    public function seams(): array
    {
        if ($this->face->frame === null) {
            return [];
        }
        $line = $this->fitted->line ?? new LineFit($this->edge);
        [$from, $to] = $line->on($this->face->frame);
        $seams = [];
        foreach ($this->layout->seams as $i => $u) {
            if ($u > min($from->u, $to->u) && $u < max($from->u, $to->u)) {
                $seams[] = [$u, $from->v + ($u - $from->u) * ($to->v - $from->v) / ($to->u - $from->u), $i + 1];
            }
        }

        return $seams;
    }

    /** Across a panel where the tape lies, inches: of the piece, or of a whole panel where the piece is not made from two lengths. */
    public function width(): float
    {
        $between = $this->cards->lengths($this->face, $this->panel)->between ?? 0.0;

        return $between > 0.0 ? $between : $this->profile->cover + $this->profile->leftMetal + $this->profile->rightMetal;
    }

    /**
     * The next pieces of the edge, in the order of laying, as drawn and as they are cut now.
     *
     * @return list<array{Panel, TwoLengths, TwoLengths}>
     */
    public function next(): array
    {
        if ($this->fitted?->line === null) {
            return [];
        }
        $drawn = [];
        foreach ((new Cutter($this->builds))->cut($this->face, $this->layout, OrderLength::bare()) as $panel) {
            $drawn[$panel->id] = $panel;
        }
        $asDrawn = new CutCardMaker($this->builds);
        $next = [];
        foreach ($this->cutting->inOrderOfLaying() as $panel) {
            if ($panel->face !== $this->face->id || $panel->strip->laid <= $this->panel->strip->laid || ! isset($drawn[$panel->id]) || isset($this->cut[$panel->id]) || ! in_array($this->edge->id, $this->cards->angledEdges($this->roof, $this->face, $panel), true)) {
                continue;
            }
            [$before, $after] = [$asDrawn->lengths($this->face, $drawn[$panel->id]), $this->cards->lengths($this->face, $panel)];
            if ($before !== null && $after !== null && count($next) < self::NEXT) {
                $next[] = [$panel, $before, $after];
            }
        }

        return $next;
    }

    public function picture(): ?LinePicture
    {
        return $this->fitted === null ? null : LinePicture::of($this->fitted, $this->face);
    }
}
