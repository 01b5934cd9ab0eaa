<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Drills\WorstJobs;
use App\Plans\KeptResults;
use App\Plans\Shelf;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldWish;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Results;
use Imbrex\Core\Stages;
use Imbrex\Core\Water\WaterInput;
use Imbrex\Stations\JobReader;
use Tests\Core\Roof\RandomRoof;

/** Times plans stage by stage, and what an edit costs of one where results are kept. */
final readonly class StageBench
{
    private const RUNS = 3;

    private const ROOFS = 60;

    public function __construct(private JobReader $reader)
    {
    }

    /** @return array<string, list<Job>> */
    private function jobs(): array
    {
        $demo = fn (string $name): Job => $this->reader->read((string) file_get_contents(base_path("database/demo/$name.json")));

        return [
            self::ROOFS.' random roofs' => array_map(static fn (int $number): Job => (new RandomRoof($number))->job($number % 2 === 0), range(1, self::ROOFS)),
            'boathouse' => [$demo('boathouse')],
            'clubroom' => [$demo('clubroom')],
            '1,000 panels' => [$this->reader->read(WorstJobs::panels(2, 8_000.0, 240.0))],
            '10,000 panels' => [$this->reader->read(WorstJobs::panels(20, 8_000.0, 240.0))],
        ];
    }

    /** @return list<list<string>> milliseconds of each stage, and of all; the best of a few runs */
    public function stages(): array
    {
        $rows = [];
        foreach ($this->jobs() as $name => $jobs) {
            $best = null;
            foreach (range(1, self::RUNS) as $run) {
                $times = array_fill_keys(array_keys(Stages::IN_ORDER), 0.0);
                foreach ($jobs as $job) {
                    $plan = Plan::for($job);
                    foreach (Stages::IN_ORDER as $key => $stage) {
                        $times[$key] += self::milliseconds(static fn () => $plan->of($stage));
                    }
                }
                $best = $best === null || array_sum($times) < array_sum($best) ? $times : $best;
            }
            $rows[] = [$name, ...array_map(static fn (float $time): string => sprintf('%.1f', $time), array_values($best)), sprintf('%.0f', array_sum($best))];
        }

        return $rows;
    }

    /** @return list<list<string>> of a whole plan, the share it costs to read it again, to change the spacing of clips, the rain */
    public function edits(string $folder): array
    {
        $rows = [];
        foreach (array_slice($this->jobs(), 1, 3) as $name => [$job]) {
            $kept = static fn (): KeptResults => new KeptResults(new Shelf($folder, 'bench', 4000, 512_000_000, 1_000_000));
            $whole = min(array_map(fn (): float => self::worked($job, null), range(1, self::RUNS)));
            self::worked($job, $kept());
            [$hold, $water] = [$job->part(HoldDownInput::class), $job->part(WaterInput::class)];
            $edits = [
                static fn (int $run): Job => $job,
                static fn (int $run): Job => $job->with(new HoldDownInput(...[...get_object_vars($hold), 'usual' => new HoldWish(spacing: 7.0 + $run)])),
                static fn (int $run): Job => $job->with(new WaterInput(3.0 + $run, $water->gutters)),
            ];
            $row = [$name, sprintf('%.0f', $whole)];
            foreach ($edits as $edit) {
                $least = min(array_map(static fn (int $run): float => self::worked($edit($run), $kept()), range(1, self::RUNS)));
                $row[] = sprintf('%.0f (%.0f %%)', $least, 100.0 * $least / $whole);
            }
            $rows[] = $row;
            array_map(unlink(...), glob("$folder/*") ?: []);
        }

        return $rows;
    }

    private static function worked(Job $job, ?Results $kept): float
    {
        return self::milliseconds(static function () use ($job, $kept): void {
            $plan = Plan::for($job, kept: $kept);
            foreach (Stages::IN_ORDER as $stage) {
                $plan->of($stage);
            }
        });
    }

    private static function milliseconds(callable $work): float
    {
        $begun = hrtime(true);
        $work();

        return (hrtime(true) - $begun) / 1e6;
    }
}
