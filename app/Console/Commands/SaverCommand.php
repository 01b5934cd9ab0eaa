<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\DemoAccounts;
use App\Drills\Visitor;
use App\Models\Job;
use App\Models\JobRevision;
use Illuminate\Console\Command;
use RuntimeException;

/**
 * Saves one job again and again while the ground is pulled away, and writes down what was acknowledged; or holds that
 * against what is kept.
 */
final class SaverCommand extends Command
{
    private const WAIT = 200_000;

    protected $signature = 'imbrex:saver {url : of the running server} {acknowledged : file of what was acknowledged} {until : file that ends it} {--check : hold it against what is kept}';

    protected $description = 'Save without end, and check that nothing acknowledged is lost';

    public function handle(): int
    {
        return $this->option('check') ? $this->check() : $this->save();
    }

    private function save(): int
    {
        $visitor = new Visitor(Visitor::address($this->argument('url')));
        $account = DemoAccounts::offered()[0];
        $visitor->signIn($account['email'], $account['password']);
        $document = json_decode((string) file_get_contents(database_path('demo/oar-store.json')));
        [, $answer] = $visitor->send('POST', 'jobs', (string) json_encode($document));
        $job = (string) (json_decode($answer)->id ?? throw new RuntimeException("No job: $answer"));
        $acknowledged = fopen((string) $this->path('acknowledged'), 'w') ?: throw new RuntimeException('Nothing can be written down.');
        [$base, $number] = [1, 0];
        while (! is_file($this->path('until'))) {
            $document->name = 'Saved '.++$number;
            [$status, $answer] = $visitor->send('PUT', "jobs/$job", (string) json_encode($document), ["If-Match: \"$base\""]);
            // One that broke off with the server was never received whole, and acknowledges nothing.
            $saved = json_decode($answer);
            if ($status === 200 && isset($saved->revision)) {
                $base = (int) $saved->revision;
                fwrite($acknowledged, json_encode(['job' => $job, 'revision' => $base, 'name' => $document->name])."\n");
                fflush($acknowledged);
            } elseif ($status === 409) {
                // It was saved, and the answer was lost.
                $base = (int) json_decode($answer)->theirs->revision;
            } elseif ($status === 401) {
                throw new RuntimeException('A session was lost.');
            } else {
                usleep(self::WAIT);
            }
        }

        return self::SUCCESS;
    }

    private function check(): int
    {
        $lines = file($this->path('acknowledged'), FILE_IGNORE_NEW_LINES) ?: [];
        $lost = [];
        foreach ($lines as $line) {
            $said = json_decode($line);
            $kept = JobRevision::query()->where('job_id', (string) $said->job)->where('number', (int) $said->revision)->first();
            if ($kept === null || $kept->decoded()->name !== $said->name || hash('sha256', $kept->document) !== $kept->hash) {
                $lost[] = $line;
            }
        }
        foreach (array_unique(array_map(static fn (string $line): string => (string) json_decode($line)->job, $lines)) as $id) {
            $numbers = JobRevision::query()->where('job_id', $id)->orderBy('number')->pluck('number')->all();
            // The job points to a revision there is, and no number is missing.
            if ($numbers !== range(1, count($numbers)) || Job::query()->where('id', $id)->value('revision') !== count($numbers)) {
                $lost[] = "revisions of $id do not follow each other";
            }
        }
        $this->line(count($lines).' saves acknowledged, '.count($lost).' lost');
        array_map($this->error(...), array_slice($lost, 0, 20));

        return $lost === [] && $lines !== [] ? self::SUCCESS : self::FAILURE;
    }

    private function path(string $name): string
    {
        $path = $this->argument($name);

        return is_string($path) ? $path : throw new RuntimeException("The file $name is needed.");
    }
}
