<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Drills\WorstJobs;
use Illuminate\Console\Command;
use Imbrex\Core\Cutting\ComparedStart;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Effort;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Job;
use Imbrex\Core\Movement\MovementStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofBuilder;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\Ends\EndCard;
use Imbrex\Core\Trims\Ends\EndView;
use Imbrex\Core\Trims\StickLot;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Core\Water\WaterStage;
use Imbrex\Stations\Cutting\CardSheets;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Documents\Formats;
use Imbrex\Stations\Edition;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Layout\LayoutSheet;
use Imbrex\Stations\LoadOut\CutListSheet;
use Imbrex\Stations\Words\Words;
use stdClass;

/** Times whole plans of growing roofs, document to plan, and shows how the time grows with the panels; then roofs of blocks. */
final class BenchCommand extends Command
{
    private const COVER = 16;

    private const PANELS = [100, 1000, 10_000];

    /** A face stays within what a tape can measure, so large roofs have many. */
    private const PANELS_PER_FACE = 500;

    private const BLOCKS = [2, 10, 30];

    private const RUNS = 7;

    protected $signature = 'imbrex:bench {--worst : the worst documents there can be instead}';

    protected $description = 'Time plans of growing roofs';

    public function handle(JobReader $reader): int
    {
        if ($this->option('worst')) {
            return $this->worst($reader);
        }
        $rows = [];
        $before = null;
        foreach (self::PANELS as $panels) {
            $json = $this->roof($panels);
            $this->worked($reader->read($json));
            $times = [];
            for ($run = 0; $run < self::RUNS; $run++) {
                // One plan at a time: what it takes by itself is told.
                $plan = null;
                memory_reset_peak_usage();
                $start = hrtime(true);
                $plan = $this->worked($reader->read($json));
                $times[] = (hrtime(true) - $start) / 1e6;
            }
            sort($times);
            $median = $times[intdiv(self::RUNS, 2)];
            $rows[] = [
                count($plan->of(CuttingStage::class)->panels), count($plan->of(RoofStage::class)->roof->faces), sprintf('%.1f', $times[0]), sprintf('%.1f', $median), sprintf('%.3f', $median / $panels),
                $before === null ? '' : sprintf('%.2f', $median / $before['time'] / ($panels / $before['panels'])),
                sprintf('%.0f', memory_get_peak_usage() / 1_048_576),
            ];
            $before = ['time' => $median, 'panels' => $panels];
        }
        $this->table(['panels', 'faces', 'best ms', 'median ms', 'ms a panel', 'growth (1 = linear)', 'peak MB'], $rows);

        $this->held($reader);
        $this->blocks($reader);
        $this->search($reader);
        $this->prints($reader);

        return self::SUCCESS;
    }

    /** The worst documents the contract lets through: what they ask in steps, and what that comes to here; or what is said instead. */
    private function worst(JobReader $reader): int
    {
        $rows = [];
        foreach (WorstJobs::all() as $name => $json) {
            memory_reset_peak_usage();
            $start = hrtime(true);
            try {
                $job = $reader->read($json);
            } catch (DocumentFault $fault) {
                $rows[] = [$name, (string) intdiv(strlen($json), 1024), '', 'refused: '.$fault->inWords(app(Words::class))[0]['message'], sprintf('%.1f', (hrtime(true) - $start) / 1e9), ''];

                continue;
            }
            $panels = count($this->worked($job)->of(CuttingStage::class)->panels);
            $rows[] = [$name, (string) intdiv(strlen($json), 1024), sprintf('%.0f', Effort::steps($job)), "$panels panels", sprintf('%.1f', (hrtime(true) - $start) / 1e9), sprintf('%.0f', memory_get_peak_usage() / 1_048_576)];
        }
        $this->table(['document', 'kB', 'steps', 'comes to', 's', 'peak MB'], $rows);

        return self::SUCCESS;
    }

    /** Times every clip or screw placed and loaded, with snow guards along the eaves, and how the metal moves, the panels at hand, and with them; then the rain. */
    private function held(JobReader $reader): void
    {
        $rows = [];
        foreach ([1000, 10_000] as $panels) {
            foreach (['snap-lock-1.5-16', 'rib-9-36'] as $profile) {
                $document = (object) json_decode($this->roof($panels));
                $places = array_map(static fn (int $face): array => ['face' => "P$face", 'from' => 24, 'to' => 1200, 'for' => 'walk'], range(1, count($document->roof->planes)));
                $job = $reader->read((string) json_encode([...(array) $document, 'system' => ['profile' => $profile], 'wind' => ['estimate' => ['exposure' => 'open', 'mph' => 130]], 'holdDown' => ['school' => 'pressure'], 'snow' => ['load' => 30, 'places' => $places]]));
                memory_reset_peak_usage();
                $start = hrtime(true);
                $plan = Plan::for($job);
                $cut = count($plan->of(CuttingStage::class)->panels);
                $middle = hrtime(true);
                $held = $plan->of(HoldDownStage::class);
                $plan->of(MovementStage::class);
                [$all, $wet] = [hrtime(true), hrtime(true)];
                $plan->of(WaterStage::class);
                $rows[] = [$profile, $cut, $held->fasteners(), sprintf('%.2f', ($all - $middle) / 1e9), sprintf('%.2f', ($all - $start) / 1e9), sprintf('%.2f', (hrtime(true) - $wet) / 1e9), sprintf('%.0f', memory_get_peak_usage() / 1_048_576)];
            }
        }
        $this->table(['held', 'panels', 'clips or screws', 's', 'with the panels, s', 'water, s', 'peak MB'], $rows);
    }

    /** Times the roof alone, and the builds of its edges, of buildings of more and more blocks, standing into each other at odd angles. */
    private function blocks(JobReader $reader): void
    {
        $rows = [];
        foreach (self::BLOCKS as $count) {
            $job = $reader->read($this->building($count));
            $builder = new RoofBuilder($job->rules);
            $times = [];
            $roof = $builder->build([], $job->part(RoofInput::class)->blocks);
            for ($run = 0; $run < self::RUNS; $run++) {
                $start = hrtime(true);
                $roof = $builder->build([], $job->part(RoofInput::class)->blocks);
                $times[] = (hrtime(true) - $start) / 1e6;
            }
            sort($times);
            $built = [];
            for ($run = 0; $run < self::RUNS; $run++) {
                $plan = Plan::for($job);
                $plan->of(RoofStage::class);
                $start = hrtime(true);
                $plan->of(EdgesStage::class);
                $built[] = (hrtime(true) - $start) / 1e6;
            }
            sort($built);
            $cut = [];
            for ($run = 0; $run < self::RUNS; $run++) {
                $plan = Plan::for($job);
                $plan->of(CuttingStage::class);
                $plan->of(EdgesStage::class);
                $start = hrtime(true);
                $plan->of(TrimsStage::class);
                $cut[] = (hrtime(true) - $start) / 1e6;
            }
            sort($cut);
            $made = $plan->of(TrimsStage::class);
            $start = hrtime(true);
            $cards = EndCard::of($made);
            foreach ($cards as $card) {
                EndView::of($card->cut, true);
                EndView::of($card->cut, false);
            }
            $drawn = (hrtime(true) - $start) / 1e6;
            $pieces = array_sum(array_map(static fn (StickLot $lot): int => count($lot->pieces), $made->lots));
            $rows[] = [$count, count($roof->faces), count($roof->edges), sprintf('%.1f', $times[0]), sprintf('%.1f', $times[intdiv(self::RUNS, 2)]), sprintf('%.1f', $built[intdiv(self::RUNS, 2)]), $pieces, sprintf('%.1f', $cut[intdiv(self::RUNS, 2)]), count($cards), sprintf('%.1f', $drawn)];
        }
        $this->table(['blocks', 'faces', 'edges', 'best ms', 'median ms', 'builds and water, median ms', 'pieces of trim', 'trims and sticks, median ms', 'end cards', 'drawn, ms'], $rows);
    }

    /** Times what follows a nudge on the demo's boathouse: the plan with its layout search, and the ways to start one face compared. */
    private function search(JobReader $reader): void
    {
        $job = $reader->read((string) file_get_contents(database_path('demo/boathouse.json')));
        $rows = [];
        foreach ($this->worked($job)->of(RoofStage::class)->roof->faces as $face) {
            $times = ['plan' => [], 'compared' => []];
            for ($run = 0; $run < self::RUNS; $run++) {
                $start = hrtime(true);
                $plan = $this->worked($job);
                $middle = hrtime(true);
                ComparedStart::compare($plan, $face);
                $times['plan'][] = ($middle - $start) / 1e6;
                $times['compared'][] = (hrtime(true) - $middle) / 1e6;
            }
            sort($times['plan']);
            sort($times['compared']);
            $rows[] = [$face->name, sprintf('%.1f', $times['plan'][intdiv(self::RUNS, 2)]), sprintf('%.1f', $times['compared'][intdiv(self::RUNS, 2)])];
        }
        $this->table(['boathouse', 'plan and search, median ms', 'ways compared, median ms'], $rows);
    }

    /** Times the sheets of the demo's boathouse, its plan at hand. */
    private function prints(JobReader $reader): void
    {
        $plan = $this->worked($reader->read((string) file_get_contents(database_path('demo/boathouse.json'))));
        $edition = new Edition(1, static fn (): stdClass => new stdClass, static fn (): Plan => $plan);
        $rows = [];
        foreach (['mark-out cards' => app(CardSheets::class), 'layout' => app(LayoutSheet::class), 'cut list' => app(CutListSheet::class)] as $name => $sheets) {
            $start = hrtime(true);
            $pdf = $sheets->pdf($edition);
            $rows[] = [$name, preg_match_all('#/Type /Page\b(?!s)#', $pdf), sprintf('%.0f', (hrtime(true) - $start) / 1e6), sprintf('%.0f', strlen($pdf) / 1024)];
        }
        $this->table(['sheets', 'pages', 'ms', 'kB'], $rows);
    }

    /** A plan with every stage worked. */
    private function worked(Job $job): Plan
    {
        $plan = Plan::for($job);
        $plan->findings();

        return $plan;
    }

    private function building(int $count): string
    {
        $blocks = [];
        for ($i = 0; $i < $count; $i++) {
            $side = static fn (bool $slopes): array => $slopes ? ['kind' => 'sloped', 'riseIn12' => [4, 6, 8][$i % 3], 'overhang' => 12] : ['kind' => 'gable', 'overhang' => 9];
            $blocks[] = [
                'id' => "B$i", 'name' => "Block $i", 'x' => $i % 6 * 260 + $i * 7 % 60, 'y' => intdiv($i, 6) * 240 + $i * 13 % 60, 'rotationDegrees' => $i % 4 === 0 ? $i * 17 % 90 : 0,
                'length' => 400, 'width' => 300, 'eaveHeight' => 108 + 12 * ($i % 4),
                'sides' => ['south' => $side(true), 'east' => $side($i % 3 === 0), 'north' => $side(true), 'west' => $side($i % 3 === 0)],
            ];
        }

        return (string) json_encode(['format' => Formats::NEWEST, 'name' => 'Bench', 'roof' => ['blocks' => $blocks]]);
    }

    private function roof(int $panels): string
    {
        $planes = [];
        for ($left = $panels; $left > 0; $left -= self::PANELS_PER_FACE) {
            // A quarter cover more than a whole number leaves rips at both ends.
            $width = min($left, self::PANELS_PER_FACE) * self::COVER - self::COVER * 0.75;
            $planes[] = [
                'id' => 'P'.(count($planes) + 1), 'name' => 'Face '.(count($planes) + 1), 'riseIn12' => 4,
                'outline' => [[0, 0], [$width, 0], [$width, 214.375], [0, 214.375]], 'edges' => ['eave', 'rake', 'ridge', 'rake'],
            ];
        }

        return (string) json_encode(['format' => Formats::NEWEST, 'name' => 'Bench', 'roof' => ['planes' => $planes]]);
    }
}
