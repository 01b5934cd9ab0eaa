<?php

declare(strict_types=1);

namespace App\Revisions;

use App\Documents\DocumentFault;
use App\Models\Job;
use App\Models\JobRevision;
use App\Models\User;
use App\Stations\Change;
use App\Stations\ChangeLine;
use App\Stations\JobReader;
use Illuminate\Support\Facades\DB;

/** Keeps job documents: every accepted change is a revision, and a save on an old one is refused. */
final readonly class JobStore
{
    public function __construct(private JobReader $reader, private ChangeLine $line)
    {
    }

    /**
     * @param  string  $json  the whole document
     *
     * @throws DocumentFault
     */
    public function create(User $author, string $json): Job
    {
        $document = $this->reader->decode($json);
        $job = $this->reader->job($document);

        return DB::transaction(function () use ($author, $document, $job): Job {
            $kept = Job::query()->create(['crew_id' => $author->crew_id, 'name' => $job->name, 'revision' => 1]);
            $this->revise($kept, 1, $this->text($document), $author, [new Change('begun')]);

            return $kept;
        });
    }

    /**
     * @param  int  $base  the revision the change was made on
     * @param  list<Change>|null  $change  null = told from the two documents
     *
     * @throws DocumentFault|StaleSave
     */
    public function save(Job $job, User $author, int $base, string $json, ?array $change = null): JobRevision
    {
        $document = $this->reader->decode($json);
        $name = $this->reader->job($document)->name;
        $text = $this->text($document);

        return DB::transaction(function () use ($job, $author, $base, $text, $change, $document, $name): JobRevision {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            $newest = $locked->newest();
            if ($this->text($newest->decoded()) === $text) {
                return $newest;
            }
            if ($newest->number !== $base) {
                throw StaleSave::against($newest, $text);
            }
            $change ??= $this->line->tell($newest->decoded(), $document);
            $locked->update(['revision' => $base + 1, 'name' => $name]);

            return $this->revise($locked, $base + 1, $text, $author, $change);
        });
    }

    /** @param  list<Change>  $change */
    private function revise(Job $job, int $number, string $text, User $author, array $change): JobRevision
    {
        return $job->revisions()->create([
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
