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

    private const PRINTERS = 6;

    /** Seconds they print. */
    private const PRINTING = 30.0;

    protected $signature = 'imbrex:crowd {url : of the running server}';

    protected $description = 'Time reads of other jobs while large plans are worked';

    public function handle(): int
    {
        $url = Visitor::address($this->argument('url'));
        [$reader, $heavy] = [$this->visitor($url, 1), $this->visitor($url, 0)];
        $job = json_decode($reader->send('GET', 'jobs')[1])[0]->id ?? throw new RuntimeException('There is no job to read.');
        $reads = array_map(static fn (string $what): string => "jobs/$job/$what", ['', 'newest', 'plan/survey', 'plan/roof', 'plan/layout', 'plan/cuts', 'plan/load-out', 'tiles']);
        $warm = static fn (int $i): float => $reader->send('GET', rtrim($reads[$i % count($reads)], '/'))[2];
        array_map($warm, range(0, count($reads) - 1));
        $idle = array_map($warm, range(1, self::READS));

        [$printing, $prints] = $this->besidePrinters($url, $warm);
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
        $this->table(['', 'reads', 'median ms', 'p95 ms', 'longest ms'], [$this->row('alone', $idle), $this->row('beside six who print', $printing), $this->row('beside five worst plans', $during)]);
        $this->line(sprintf('Six people had %d prints meanwhile; p95 is %.1f times that of the server alone.', $prints, $this->percentile($printing, 0.95) / $this->percentile($idle, 0.95)));
        $this->line(sprintf('The five plans took %.0f s together%s; p95 is %.1f times that of the server alone.', microtime(true) - $begun, $waiting === [] ? '' : ' and were not done', $this->percentile($during, 0.95) / $this->percentile($idle, 0.95)));

        return $waiting === [] ? self::SUCCESS : self::FAILURE;
    }

    /**
     * Reads while six people have ordinary prints made, one after the other, of jobs of their own.
     *
     * @param  callable(int): float  $read
     * @return array{list<float>, int} seconds a read, and how many prints came
     */
    private function besidePrinters(string $url, callable $read): array
    {
        $document = json_decode((string) file_get_contents(database_path('demo/clubroom.json')));
        [$children, $counts] = [[], []];
        for ($i = 0; $i < self::PRINTERS; $i++) {
            $printer = $this->visitor($url, $i % 2);
            $document->name = "Printed $i";
            $job = json_decode($printer->send('POST', 'jobs', (string) json_encode($document))[1])->id ?? throw new RuntimeException('A job was not taken.');
            $counts[$i] = (string) tempnam(sys_get_temp_dir(), 'prints');
            $child = pcntl_fork();
            if ($child === 0) {
                for ([$end, $n] = [microtime(true) + self::PRINTING, 0]; microtime(true) < $end; $n++) {
                    // Of another plan each time, or it would be kept.
                    $document->rules = (object) ['order.extra' => 1.0 + $i / 10.0 + $n / 100.0];
                    $printer->send('PUT', "jobs/$job", (string) json_encode($document), ['If-Match: "'.($n + 1).'"']);
                    foreach (['cut-cards.pdf', 'layout.pdf', 'cut-list.pdf'] as $file) {
                        while (($status = $printer->send('GET', "jobs/$job/files/$file")[0]) === 202 && microtime(true) < $end) {
                            usleep(1_000_000);
                        }
                        file_put_contents($counts[$i], $status === 200 ? '.' : '', FILE_APPEND);
                    }
                }
                posix_kill((int) getmypid(), SIGKILL);
            }
            $children[] = $child;
        }
        $seconds = [];
        for ([$end, $i] = [microtime(true) + self::PRINTING, 0]; microtime(true) < $end; $i++) {
            $seconds[] = $read($i);
            usleep(20_000);
        }
        array_map(static fn (int $child): int => pcntl_waitpid($child, $status), $children);

        return [$seconds, array_sum(array_map(static fn (string $file): int => strlen((string) file_get_contents($file)), $counts))];
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
