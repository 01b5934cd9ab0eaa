<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\Seam;
use Imbrex\Core\HoldDown\Snow\GuardRow;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** How high clips, rows of screws and guards stand on a face, seams alike told once. */
final readonly class FaceHeights
{
    public function __construct(private Words $words)
    {
    }

    public function counted(FaceHold $hold, Face $face): string
    {
        return $this->words->say('hold.said', ['concealed' => $hold->school === null ? 'no' : 'yes', 'face' => $face->name, 'count' => count($hold->clips) + count($hold->screws), 'seams' => count($hold->seams), 'rows' => count($hold->rows)]);
    }

    /** @return list<array{title: string, heights: string}> */
    public function of(FaceHold $hold, Plan $plan): array
    {
        $tape = Wire::tape($plan);
        $rows = $hold->rows === [] ? [] : [['title' => $this->words->say('hold.tape-rows'), 'heights' => $this->heights($hold->rows, $tape)]];

        return [...$rows, ...$this->seams($hold, $tape), ...array_map(static fn (array $row): array => ['title' => $row['title'], 'heights' => $row['heights']], $this->guards($hold, $plan))];
    }

    /** @return list<array{title: string, heights: string, said: string, over: bool}> rows of guards, those that follow a hip or a valley in steps as one */
    public function guards(FaceHold $hold, Plan $plan): array
    {
        $tape = Wire::tape($plan);
        $loads = $this->words->measures($plan->job->units);
        $alike = [];
        foreach ($hold->guards as $row) {
            $alike["$row->place $row->number"][] = $row;
        }

        return array_values(array_map(function (array $rows) use ($tape, $loads): array {
            $sum = static fn (callable $of): float => (float) array_sum(array_map($of, $rows));
            $title = $this->words->say('snow.row', [
                'number' => $rows[0]->number, 'count' => (int) $sum(static fn (GuardRow $row): float => count($row->at)),
                'from' => $tape->print(min(array_map(static fn (GuardRow $row): float => $row->from, $rows))), 'to' => $tape->print(max(array_map(static fn (GuardRow $row): float => $row->to, $rows))),
            ]);
            $load = $sum(static fn (GuardRow $row): float => $row->load ?? 0.0);

            return [
                'title' => $title,
                'heights' => $this->heights(array_map(static fn (GuardRow $row): float => $row->v, $rows), $tape),
                'said' => $rows[0]->load === null ? $title : "$title: ".$this->words->say('snow.of', ['load' => $loads->force($load), 'capacity' => $loads->force($sum(static fn (GuardRow $row): float => $row->capacity()))]),
                'over' => array_filter($rows, static fn (GuardRow $row): bool => ($row->ratio() ?? 0.0) > 1.0 + 1e-9) !== [],
            ];
        }, $alike));
    }

    /** @return list<array{title: string, heights: string}> */
    private function seams(FaceHold $hold, TapePrinter $tape): array
    {
        $clips = [];
        foreach ($hold->clips as $clip) {
            $clips[$clip->seam][] = $clip;
        }
        $alike = [];
        foreach ($hold->seams as $seam) {
            $alike[$this->heights(array_map(static fn (Clip $clip): float => $clip->v, $clips[$seam->number] ?? []), $tape)][] = $seam;
        }

        return array_map(fn (array $seams, string $heights): array => ['title' => $this->words->say('hold.seams', ['seams' => self::ranges(array_map(static fn (Seam $seam): int => $seam->number, $seams)), 'count' => count($seams)]), 'heights' => $heights], array_values($alike), array_map(strval(...), array_keys($alike)));
    }

    /** @param  list<float>  $heights */
    private function heights(array $heights, TapePrinter $tape): string
    {
        return implode('  · ', array_map(static fn (float $v): string => str_replace(' ', "\u{A0}", $tape->print($v)), $heights));
    }

    /** @param  non-empty-list<int>  $numbers  rising */
    private static function ranges(array $numbers): string
    {
        $ranges = [];
        $from = $numbers[0];
        foreach ($numbers as $i => $number) {
            $next = $numbers[$i + 1] ?? null;
            if ($next !== $number + 1) {
                $ranges[] = $from === $number ? (string) $from : "{$from}–{$number}";
                $from = $next ?? $number;
            }
        }

        return implode(', ', $ranges);
    }
}
