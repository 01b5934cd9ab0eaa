<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Cutting\Panel;

/** Where a stack of sheets cut alike is drilled at once: distances of the rows from the sheets' eave ends. */
final readonly class DrillTemplate
{
    /** Rows (in) nearer than this are one. */
    private const SAME = 0.01;

    /**
     * @param  float  $length  of the sheets, inches
     * @param  non-empty-list<string>  $panels  ids
     * @param  list<array{float, ScrewRow}>  $rows  inches from the eave end, and which row it is
     */
    private function __construct(public string $face, public float $length, public array $panels, public array $rows)
    {
    }

    /**
     * Of sheets that are square at both ends and whole: the rows of what is cut at an angle stay on the same lines, but no stack is drilled so.
     *
     * @param  list<Panel>  $panels  of the face
     * @return list<self> those for most sheets first
     */
    public static function of(FaceHold $hold, array $panels): array
    {
        $screws = [];
        foreach ($hold->screws as $screw) {
            $screw->row !== ScrewRow::Lap && $screws[$screw->panel][] = $screw;
        }
        $alike = [];
        foreach ($panels as $panel) {
            if (isset($screws[$panel->id]) && ! $panel->isAngled() && ! $panel->isNotched()) {
                $rows = self::rows($screws[$panel->id], $panel->metal->bounds()->bottom);
                $alike[sprintf('%.2f ', $panel->long).implode(' ', array_map(static fn (array $row): string => sprintf('%.2f', $row[0]), $rows))][] = [$panel, $rows];
            }
        }
        usort($alike, static fn (array $a, array $b): int => [count($b), $b[0][0]->long] <=> [count($a), $a[0][0]->long]);

        return array_map(static fn (array $one): self => new self($hold->face, $one[0][0]->long, array_map(static fn (array $each): string => $each[0]->id, $one), $one[0][1]), $alike);
    }

    /**
     * @param  non-empty-list<Screw>  $screws  of one sheet
     * @return list<array{float, ScrewRow}>
     */
    private static function rows(array $screws, float $foot): array
    {
        usort($screws, static fn (Screw $a, Screw $b): int => $a->v <=> $b->v);
        $rows = [];
        foreach ($screws as $screw) {
            $last = count($rows) - 1;
            if ($last < 0 || $screw->v - $foot - $rows[$last][0] > self::SAME) {
                $rows[] = [$screw->v - $foot, $screw->row];
            }
        }

        return $rows;
    }
}
