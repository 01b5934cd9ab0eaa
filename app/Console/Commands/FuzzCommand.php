<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\DemoAccounts;
use App\Drills\HonestRequests;
use App\Drills\Mutator;
use App\Drills\Visitor;
use Illuminate\Console\Command;
use Imbrex\Core\Plan;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Stations;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Sends a running server hostile requests, the same from the same seed, and tells which it did not answer as it should. */
final class FuzzCommand extends Command
{
    /** Seconds no answer may take. */
    private const LONGEST = 5.0;

    /** So often everybody signs in anew, and there are jobs to ask for. */
    private const FRESH_EACH = 150;

    /** After these there is little left to ask of the job. */
    private const PUTS_AWAY = [['DELETE', 'jobs/{job}'], ['PUT', 'jobs/{job}/archive']];

    protected $signature = 'imbrex:fuzz {url : of the running server} {--seed=1} {--requests=10000} {--from=0 : where in the row to begin}';

    protected $description = 'Send hostile requests to a running server';

    /** @var list<Visitor> */
    private array $visitors = [];

    private string $job = '';

    /** @var list<string> documents a job of the drill begins with */
    private array $documents = [];

    public function handle(JobReader $reader, Stations $stations): int
    {
        $files = glob(database_path('demo/*.json')) ?: [];
        $this->documents = array_map(static fn (string $file): string => (string) file_get_contents($file), $files);
        $honest = HonestRequests::all($stations, array_map(static fn (string $document): Plan => $reader->plan($document), array_combine($files, $this->documents)));
        // Half of them change something, however many there are to read.
        $isRead = static fn (array $request): bool => $request['method'] === 'GET';
        $kinds = [array_values(array_filter($honest, $isRead)), array_values(array_filter($honest, static fn (array $request): bool => ! $isRead($request)))];
        [$seed, $from, $count] = [(int) $this->option('seed'), (int) $this->option('from'), (int) $this->option('requests')];
        [$statuses, $slowest, $bad] = [[], 0.0, []];
        for ($number = $from; $number < $from + $count; $number++) {
            if (($number - $from) % self::FRESH_EACH === 0) {
                $this->begin($number);
            }
            // Each by itself: one that fell over is sent again by its number.
            $chance = new Randomizer(new Mt19937($seed * 1_000_003 + $number));
            $kind = $kinds[$chance->getInt(0, 1)];
            $request = $kind[$chance->getInt(0, count($kind) - 1)];
            [$status, $answer, $seconds, $what] = $this->send($request, new Mutator($chance), $this->visitors[$chance->getInt(0, count($this->visitors) - 1)]);
            if (in_array([$request['method'], $request['path']], self::PUTS_AWAY, true)) {
                $this->beginJob($number);
            }
            $statuses[$status] = ($statuses[$status] ?? 0) + 1;
            $slowest = max($slowest, $seconds);
            // That a service outside makes no sense is told as it is.
            $isOutside = $status === 502 && str_contains($answer, '"cause"');
            if ($status === 0 || ($status >= 500 && ! $isOutside) || $seconds > self::LONGEST) {
                $bad[] = [$number, $what, $status, sprintf('%.1f', $seconds), mb_strimwidth(mb_scrub($answer), 0, 160, '…')];
            }
        }
        ksort($statuses);
        $this->line("$count requests, seed $seed: ".implode(', ', array_map(static fn (int $status, int $times): string => "$status × $times", array_keys($statuses), $statuses)).sprintf('; the slowest took %.2f s', $slowest));
        $bad === [] || $this->table(['number', 'request', 'status', 's', 'answer'], $bad);

        return $bad === [] ? self::SUCCESS : self::FAILURE;
    }

    /**
     * @param  array{method: string, path: string, body: mixed, match: bool, file: string|null}  $request
     * @return array{int, string, float, string} status, answer, seconds, what was sent
     */
    private function send(array $request, Mutator $mutator, Visitor $visitor): array
    {
        $path = str_replace('{token}', str_repeat('x', 48), $request['path']);
        $mutator->number(8) === 0 && $path = (string) preg_replace('#\{job\}#', $mutator->inPath(), $path);
        $path = str_replace('{job}', $this->job, $path);
        $what = "{$request['method']} $path";
        if ($mutator->number(4) === 0) {
            $parts = preg_split('#(?<=[/=])#', $path) ?: [$path];
            $parts[$mutator->number(count($parts))] = $mutator->inPath().['', '/', '='][$mutator->number(3)];
            $path = implode('', $parts);
        }
        if ($mutator->number(6) === 0) {
            $path .= (str_contains($path, '?') ? '&' : '?').['pick', 'pick[]', 'revision', 'revision[a]', 'before', 'turn', 'after', 'page'][$mutator->number(8)].'='.$mutator->inPath();
        }
        $headers = $request['match'] ? ['If-Match: '.($mutator->number(3) === 0 ? substr(rawurldecode($mutator->inPath()) === '' ? 'x' : preg_replace('/[^\x20-\x7e]/', '', rawurldecode($mutator->inPath())) ?? '', 0, 80) : '"'.$mutator->number(6).'"')] : [];
        if ($mutator->number(12) === 0) {
            $headers[] = ['Authorization: Bearer 1|abc', 'Content-Type: text/plain', 'Content-Type: application/x-www-form-urlencoded', 'Accept: text/html', 'X-Person: 9', 'X-Forwarded-For: 1.2.3.4, x', 'X-HTTP-Method-Override: DELETE', 'Cookie: imbrex_session=x'][$mutator->number(8)];
        }
        if ($request['file'] !== null) {
            $fields = $mutator->json($request['body'], $mutator->number(3));

            return [...$visitor->upload($path, $mutator->bytes($request['file']), is_array($fields) ? $fields : []), $what];
        }
        $body = $request['body'] === null ? null : (string) json_encode($mutator->json($request['body'], $mutator->number(4)), JSON_PARTIAL_OUTPUT_ON_ERROR);
        if ($body !== null && $mutator->number(10) === 0) {
            $body = $mutator->bytes($body);
        }

        return [...$visitor->send($request['method'], $path, $body, $headers), $what];
    }

    private function begin(int $number): void
    {
        $url = Visitor::address($this->argument('url'));
        $this->visitors = [];
        foreach (DemoAccounts::offered() as $account) {
            $visitor = new Visitor($url);
            $visitor->signIn($account['email'], $account['password']);
            $this->visitors[] = $visitor;
        }
        // One who was never let in.
        $this->visitors[] = new Visitor($url);
        $this->beginJob($number);
    }

    /** A job of the drill's own, so that what one request did does not keep the next from getting anywhere. */
    private function beginJob(int $number): void
    {
        [, $answer] = $this->visitors[0]->send('POST', 'jobs', $this->documents[($number + intdiv($number, self::FRESH_EACH)) % count($this->documents)]);
        $this->job = (string) (json_decode($answer)->id ?? '');
    }
}
