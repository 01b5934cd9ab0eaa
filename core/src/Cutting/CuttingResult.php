<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Cutting\Fit\EdgeFits;
use Imbrex\Core\Cutting\Internal\Pairing;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\StageResult;

final readonly class CuttingResult implements StageResult
{
    /** @var array<string, array{int, int}> by face: the number of its first panel, and how many it has */
    private array $places;

    /**
     * @param  list<Panel>  $panels  by face, from the left rake
     * @param  list<Finding>  $findings
     * @param  list<Face>  $faces  they lie on, as drawn
     * @param  EdgeFits  $fits  lines taped on the roof
     */
    public function __construct(public array $panels, public Pairing $pairing, public SheetList $sheets, private array $findings, private array $faces, public EdgeFits $fits)
    {
        $places = [];
        foreach ($panels as $number => $panel) {
            $places[$panel->face] ??= [$number, 0];
            $places[$panel->face][1]++;
        }
        $this->places = $places;
    }

    public function findings(): array
    {
        return $this->findings;
    }

    /** @return list<Panel> */
    public function panelsOf(string $face): array
    {
        return array_slice($this->panels, ...$this->places[$face] ?? [0, 0]);
    }

    public function panel(string $id): ?Panel
    {
        foreach ($this->panels as $panel) {
            if ($panel->id === $id) {
                return $panel;
            }
        }

        return null;
    }

    /** Whether something found on the roof was carried to a piece: a line taped, or what a trial needed. */
    public function isCorrected(Panel $panel): bool
    {
        if ($panel->corrections !== []) {
            return true;
        }
        foreach ($this->faces as $face) {
            if ($face->id === $panel->face) {
                return $this->fits->recut($face, $panel);
            }
        }

        return false;
    }

    /** What a piece is called; its id where it is none of these. */
    public function name(string $id): string
    {
        foreach ($this->faces as $face) {
            if (str_starts_with($id, "$face->id-")) {
                return $face->pieceName($id);
            }
        }

        return $id;
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    public function names(array $ids): array
    {
        return array_map($this->name(...), $ids);
    }

    /** @return array<string, list<string>> ids of the pieces of every strip, from the eave up, by face and position: `S 4` */
    public function strips(): array
    {
        $strips = [];
        foreach ($this->panels as $panel) {
            $strips["$panel->face {$panel->strip->position}"][] = $panel->id;
        }

        return $strips;
    }

    /** @return list<Panel> by face, and within it as they are laid: along the run, from the eave up */
    public function inOrderOfLaying(): array
    {
        $faces = [];
        foreach ($this->panels as $panel) {
            $faces[$panel->face] ??= count($faces);
        }
        $order = $this->panels;
        usort($order, static fn (Panel $a, Panel $b): int => [$faces[$a->face], $a->strip->laid] <=> [$faces[$b->face], $b->strip->laid]);

        return $order;
    }
}
