<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\DemoAccounts;
use App\Drills\Visitor;
use App\Drills\WorstJobs;
use Illuminate\Console\Command;
use RuntimeException;

/** Measures how long people who read other jobs wait, alone and while the worst plans there can be are worked. */
final class CrowdCommand extends Command
{
    private const READS = 200;

    private const LONGEST = 300.0;

    protected $signature = 'imbrex:crowd {url : of the running server}';

    protected $description = 'Time reads of other jobs while large plans are worked';

    public function handle(): int
    {
        $url = Visitor::address($this->argument('url'));
        [$reader, $heavy] = [$this->visitor($url, 1), $this->visitor($url, 0)];
        $job = json_decode($reader->send('GET', 'jobs')[1])[0]->id ?? throw new RuntimeException('There is no job to read.');
        $reads = array_map(static fn (string $what): string => "jobs/$job/$what", ['', 'newest', 'plan/survey', 'plan/roof', 'plan/layout', 'plan/cuts', 'plan/load-out', 'tiles/cuts']);
        $warm = static fn (int $i): float => $reader->send('GET', rtrim($reads[$i % count($reads)], '/'))[2];
        array_map($warm, range(0, count($reads) - 1));
        $idle = array_map($warm, range(1, self::READS));

        $plans = [];
        foreach ([[400, 4], [390, 4], [380, 4], [370, 4], [360, 4]] as [$curbs, $corners]) {
            [, $answer] = $heavy->send('POST', 'jobs', WorstJobs::curbs($curbs, $corners));
            $plans[] = 'jobs/'.(json_decode($answer)->id ?? throw new RuntimeException("Not taken: $answer")).'/plan/cuts';
        }
        [$during, $begun, $waiting] = [[], microtime(true), $plans];
        while ($waiting !== [] && microtime(true) - $begun < self::LONGEST) {
            $waiting = array_filter($waiting, static fn (string $plan): bool => $heavy->send('GET', $plan)[0] !== 200);
            for ($i = 0; $waiting !== [] && $i < 25; $i++) {
                $during[] = $warm($i);
                usleep(20_000);
            }
        }
        $this->table(['', 'reads', 'median ms', 'p95 ms', 'longest ms'], [$this->row('alone', $idle), $this->row('beside five worst plans', $during)]);
        $this->line(sprintf('The five plans took %.0f s together%s; p95 is %.1f times that of the server alone.', microtime(true) - $begun, $waiting === [] ? '' : ' and were not done', $this->percentile($during, 0.95) / $this->percentile($idle, 0.95)));

        return $waiting === [] ? self::SUCCESS : self::FAILURE;
    }

    private function visitor(string $url, int $number): Visitor
    {
        $visitor = new Visitor(Visitor::address($url));
        $account = DemoAccounts::offered()[$number];
        $visitor->signIn($account['email'], $account['password']);

        return $visitor;
    }

    /**
     * @param  list<float>  $seconds
     * @return list<string>
     */
    private function row(string $name, array $seconds): array
    {
        return [$name, (string) count($seconds), ...array_map(fn (float $share): string => sprintf('%.0f', 1000.0 * $this->percentile($seconds, $share)), [0.5, 0.95, 1.0])];
    }

    /** @param  list<float>  $seconds */
    private function percentile(array $seconds, float $share): float
    {
        sort($seconds);

        return $seconds[max(0, (int) ceil($share * count($seconds)) - 1)] ?? 0.0;
    }
}
