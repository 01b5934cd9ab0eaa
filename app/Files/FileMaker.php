<?php

declare(strict_types=1);

namespace App\Files;

use App\Facts\FactStore;
use App\Models\CrewTip;
use App\Models\Job;
use App\Models\JobRevision;
use App\Plans\PlanCache;
use App\Plans\Programme;
use App\Plans\Shelf;
use App\Work\StillWorking;
use App\Work\Workshop;
use Closure;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Plan;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Facts\FactReader;
use Imbrex\Stations\Print\Contents;
use Imbrex\Stations\StationFile;
use stdClass;

/** Makes the files of a job: small ones at once, large ones in the workshop, where they are kept for whoever asks again. */
final readonly class FileMaker
{
    /** Of a job of more pieces than this the printed sheets take longer than one likes to wait. */
    private const PIECES_AT_ONCE = 400;

    /** Prints of more pieces than this are made by one of those who serve pages at a time: six at once would leave nobody to serve. */
    private const PIECES_BESIDE_OTHERS = 30;

    /** The plan's share of making a file whose plan is not worked yet. */
    private const PLAN = 0.3;

    public function __construct(private Shelf $shelf, private PlanCache $plans, private Workshop $workshop, private Contents $contents, private FactStore $facts)
    {
    }

    /**
     * What is in a file; null where the job has no such file.
     *
     * @throws StillWorking while it, or its plan, is being made
     */
    public function content(JobRevision $revision, StationFile $file, ?string $pick): ?string
    {
        $key = $this->key($revision, $file, $pick);
        $kept = $file->isDear ? $this->shelf->take($key) : null;
        if ($kept !== null) {
            return $kept;
        }
        if ($file->isDear) {
            $this->workshop->lookFor($key);
            $pieces = count($this->plans->plan($revision)->of(CuttingStage::class)->panels);
            $order = fn () => $this->workshop->order($key, new MakeFile($revision->id, $file->name, $pick, $key));
            if ($pieces > self::PIECES_AT_ONCE) {
                $order();
            } elseif ($pieces > self::PIECES_BESIDE_OTHERS) {
                $this->workshop->takeTurns($order);
            }
        }

        return $this->contents->of($file, $this->edition($revision, $pick));
    }

    /**
     * Makes a large file and keeps it.
     *
     * @param  Closure(float): void  $tell  told the share that is done
     */
    public function make(JobRevision $revision, StationFile $file, ?string $pick, Closure $tell): void
    {
        $plan = $this->plans->work($revision, static fn (float $done) => $tell($done * self::PLAN));
        $edition = new Edition($revision->number, fn (): stdClass => $this->document($revision), static fn (): Plan => $plan, $pick, tell: static fn (float $done) => $tell(self::PLAN + $done * (1.0 - self::PLAN)), tips: self::tips($revision));
        $content = $this->contents->of($file, $edition);
        if ($content !== null) {
            $this->shelf->put($this->key($revision, $file, $pick), $content);
        }
    }

    public function edition(JobRevision $revision, ?string $pick): Edition
    {
        return new Edition($revision->number, fn (): stdClass => $this->document($revision), fn (): Plan => $this->plans->plan($revision), $pick, tips: self::tips($revision));
    }

    /** The whole job, to be taken along: what it describes, and what happened. */
    private function document(JobRevision $revision): stdClass
    {
        $document = $revision->decoded();
        $facts = $this->facts->log($revision)->all();
        if ($facts !== []) {
            $document->facts = array_map(FactReader::wire(...), $facts);
        }

        return $document;
    }

    /** The number stands at every sheet's foot. */
    private function key(JobRevision $revision, StationFile $file, ?string $pick): string
    {
        return implode('|', [$revision->hash, $this->plans->happenedKey($revision, $file->ofTheLog), $revision->job_id, $revision->number, $file->name, $pick ?? '', app()->getLocale(), Programme::version(), hash('xxh128', serialize(self::tips($revision)))]);
    }

    /** @return list<array{place: string, text: string}> */
    private static function tips(JobRevision $revision): array
    {
        return array_values(CrewTip::query()->where('crew_id', Job::withTrashed()->whereKey($revision->job_id)->value('crew_id'))->where('in_print', true)->orderBy('id')->get()
            ->map(static fn (CrewTip $tip): array => ['place' => $tip->place, 'text' => $tip->text])->all());
    }
}
