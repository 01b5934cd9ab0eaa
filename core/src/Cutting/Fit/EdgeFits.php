<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Fit;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\Internal\Fit\EdgeFitter;
use Imbrex\Core\Cutting\Internal\Fit\FaceFitter;
use Imbrex\Core\Cutting\Internal\Fit\LineFitter;
use Imbrex\Core\Cutting\Internal\Fit\TapedMarks;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\SideFinder;

/**
 * The lines of all edges something was taped at, and the faces they bound. A piece that was cut before a mark was taped
 * keeps the face it was cut by.
 */
final class EdgeFits
{
    /** @var array<string, Face> by what bounds them */
    private array $faces = [];

    /** @var array<string, list<int>> by face: what the sides at its fitted lines are tagged with */
    private array $tags = [];

    /** @var array<string, true> ids of faces no fitted line can be carried to */
    private array $turnedRound = [];

    /**
     * @param  array<string, FittedLine>  $lines  by edge
     * @param  list<Observation>  $astray  what was taped at no edge there is, or on a panel that does not end at its edge
     * @param  array<string, list<string>>  $edges  ids of the edges with a line, by face
     */
    public function __construct(
        public readonly array $lines,
        public readonly array $astray,
        private readonly array $edges,
        private readonly FaceFitter $fitter,
    ) {
    }

    /**
     * @param  list<Observation>  $observations
     * @param  array<string, Panel>  $drawn  the panels of the faces they were taped on, as drawn, by id
     */
    public static function of(Roof $roof, Builds $builds, array $observations, array $drawn): self
    {
        $finder = new SideFinder($roof);
        $marks = new TapedMarks($builds, $finder, $drawn);
        $fitter = new EdgeFitter($builds->covering->rules);
        $taped = [];
        $astray = [];
        foreach ($observations as $observation) {
            $face = $roof->face($observation->face);
            $mark = $face === null ? null : $marks->mark($observation, $face);
            if ($mark === null) {
                $astray[] = $observation;
            } else {
                $taped[$observation->edge][] = $mark;
            }
        }
        $lines = [];
        $edges = [];
        foreach ($taped as $id => $own) {
            $edge = $roof->edge($id);
            if ($edge === null) {
                continue;
            }
            $lines[$id] = $fitter->fit($edge, $own);
            foreach ($edge->faces as $face) {
                $edges[$face][] = $id;
            }
        }

        return new self($lines, $astray, $edges, new FaceFitter($finder));
    }

    public function touch(Face $face): bool
    {
        return isset($this->edges[$face->id]);
    }

    /** An edge's line as everything taped has it, or as a piece is cut by it; null where it is the drawn one. */
    public function line(string $edge, ?string $panel = null): ?LineFit
    {
        $all = $this->lines[$edge] ?? null;
        $marks = $all === null ? [] : $this->known($all, $panel);

        return match (true) {
            $all?->line === null || $marks === [] => null,
            count($marks) === count($all->used()) => $all->line,
            default => (new LineFitter)->fit($all->line->edge, $marks),
        };
    }

    /** The face as everything taped has it, or as a piece of it is cut. */
    public function face(Face $drawn, ?string $panel = null): Face
    {
        $key = $drawn->id;
        $edges = [];
        foreach ($this->edges[$drawn->id] ?? [] as $edge) {
            $marks = $this->known($this->lines[$edge], $panel);
            if ($marks !== []) {
                $edges[] = $edge;
                $key .= ' '.implode(' ', array_map(static fn (TapedMark $mark): string => $mark->observation->id, $marks));
            }
        }

        return $edges === [] ? $drawn : $this->faces[$key] ??= $this->fitted($drawn, $edges, $panel);
    }

    /** @return list<TapedMark> what is used of an edge's marks, or was by when a piece was cut */
    private function known(FittedLine $line, ?string $panel): array
    {
        return $panel === null ? $line->used() : array_values(array_filter($line->used(), fn (TapedMark $mark): bool => $mark->observation->serves($panel)));
    }

    /** Whether a piece ends at a line that was taped before it was cut. */
    public function recut(Face $drawn, Panel $panel): bool
    {
        if ($this->face($drawn, $panel->id) === $drawn) {
            return false;
        }
        $tags = $this->tags[$drawn->id] ??= $this->fitter->tags($drawn, $this->edges[$drawn->id] ?? []);
        foreach (array_keys($panel->sheet->corners) as $side) {
            if (in_array($panel->sheet->tag($side), $tags, true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether its fitted lines would turn a side of it round, so that it stays as drawn. */
    public function isTurnedRound(Face $drawn): bool
    {
        return isset($this->turnedRound[$drawn->id]);
    }

    /** @param  list<string>  $edges */
    private function fitted(Face $drawn, array $edges, ?string $panel): Face
    {
        $lines = [];
        foreach ($edges as $edge) {
            $line = $this->line($edge, $panel);
            if ($line !== null) {
                $lines[$edge] = $line;
            }
        }
        $face = $this->fitter->fitted($drawn, $lines);
        if ($face === null) {
            $this->turnedRound[$drawn->id] = true;
        }

        return $face ?? $drawn;
    }
}
