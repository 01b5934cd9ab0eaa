<?php

declare(strict_types=1);

namespace App\Revisions;

use App\Facts\FactStore;
use App\Models\Job;
use App\Models\JobRevision;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Imbrex\Stations\Change;
use Imbrex\Stations\ChangeLine;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\JobReader;

/** Keeps job documents: every accepted change is a revision, and a save on an old one is refused. */
final readonly class JobStore
{
    public function __construct(private JobReader $reader, private ChangeLine $line, private FactStore $facts)
    {
    }

    /**
     * @param  string  $json  the whole document
     *
     * @throws DocumentFault
     */
    public function create(User $author, string $json, Change $begun = new Change('begun')): Job
    {
        $document = $this->reader->decode($json);
        $job = $this->reader->job($document);
        $told = $this->reader->facts($json);

        return DB::transaction(function () use ($author, $document, $job, $begun, $told): Job {
            $kept = Job::query()->create(['crew_id' => $author->crew_id, 'name' => $job->name, 'revision' => 1]);
            $this->revise($kept, 1, $this->text($document), $author, [$begun]);
            $this->facts->tell($kept, $author, $told);

            return $kept;
        });
    }

    /**
     * @param  int  $base  the revision the change was made on
     * @param  list<Change>|null  $change  null = told from the two documents
     * @param  Turn|null  $turn  what the change is said to be; one that leads nowhere it could lead is a change like any other
     *
     * @throws DocumentFault|StaleSave
     */
    public function save(Job $job, User $author, int $base, string $json, ?array $change = null, ?Turn $turn = null): JobRevision
    {
        $document = $this->reader->decode($json);
        $name = $this->reader->job($document)->name;
        $text = $this->text($document);
        $told = $this->reader->facts($json);

        return DB::transaction(function () use ($job, $author, $base, $text, $change, $turn, $document, $name, $told): JobRevision {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            $newest = $locked->newest();
            $this->facts->tell($locked, $author, $told);
            if ($this->text($newest->decoded()) === $text) {
                return $newest;
            }
            if ($newest->number !== $base) {
                throw StaleSave::against($newest, $text);
            }
            $turned = $turn === null ? [] : $this->turned($locked, $turn, $text);
            $change = $turned['change'] ?? $change ?? $this->line->tell($newest->decoded(), $document);
            $this->facts->takeOver($locked, $author, $newest);
            $number = $this->next($locked);
            $locked->update(['revision' => $number, 'name' => $name]);

            return $this->revise($locked, $number, $text, $author, $change, $turned['kept'] ?? []);
        });
    }

    /**
     * Keeps a document that was not taken, because somebody else's was: it can be returned to like any other.
     *
     * @param  int  $base  the revision it was made on
     *
     * @throws DocumentFault
     */
    public function keepAside(Job $job, User $author, int $base, string $json): JobRevision
    {
        $document = $this->reader->decode($json);
        $this->reader->job($document);

        return DB::transaction(function () use ($job, $author, $base, $document): JobRevision {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            $change = [new Change('aside', ['base' => $base]), ...$this->line->tell($locked->at($base)->decoded(), $document)];

            return $this->revise($locked, $this->next($locked), $this->text($document), $author, $change, ['aside' => true]);
        });
    }

    /** @return array{}|array{change: list<Change|array{code: string, parameters: array<string, string|int|float>}>, kept: array<string, mixed>} what was taken back or up again to come to this text */
    private function turned(Job $job, Turn $turn, string $text): array
    {
        $line = UndoLine::of($job);
        $same = $job->revisions()->whereIn('number', $line->states($turn))->where('hash', $this->hash($text))->pluck('number')->all();
        // The nearest of those that read the same.
        $to = array_values(array_intersect(array_reverse($line->states($turn)), $same))[0] ?? null;
        if ($to === null) {
            return [];
        }
        $told = $job->revisions()->whereIn('number', $line->turned($turn, $to))->orderByDesc('number')->get(['number', 'change']);

        return [
            'change' => [new Change($turn->value), ...array_merge(...$told->map(static fn (JobRevision $one): array => $one->change)->all())],
            'kept' => ['turn' => $turn, 'turned_to' => $to],
        ];
    }

    private function next(Job $job): int
    {
        return (int) $job->revisions()->max('number') + 1;
    }

    /**
     * @param  list<Change|array{code: string, parameters: array<string, string|int|float>}>  $change
     * @param  array<string, mixed>  $how
     */
    private function revise(Job $job, int $number, string $text, User $author, array $change, array $how = []): JobRevision
    {
        return $job->revisions()->create([
            ...$how,
            'number' => $number,
            'document' => $text,
            'hash' => $this->hash($text),
            'author_id' => $author->id,
            'author_name' => $author->name,
            'change' => $change,
        ]);
    }

    private function text(mixed $document): string
    {
        return (string) json_encode($document, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    private function hash(string $text): string
    {
        return hash('sha256', $text);
    }
}
