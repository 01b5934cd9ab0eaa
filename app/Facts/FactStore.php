<?php

declare(strict_types=1);

namespace App\Facts;

use App\Models\Job;
use App\Models\JobRevision;
use App\Models\KeptFact;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Imbrex\Core\Effort;
use Imbrex\Core\Facts\Fact;
use Imbrex\Core\Facts\FactKind;
use Imbrex\Core\Facts\FactLog;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Documents\Formats;
use Imbrex\Stations\Facts\FactReader;
use Imbrex\Stations\JobReader;

/** Keeps what happened: added to, and nothing else. */
final readonly class FactStore
{
    /** Every piece of the largest roof there may be, cut, set and corrected. */
    private const MOST = 60_000;

    /** Rows of one statement. */
    private const AT_ONCE = 500;

    public function __construct(private FactReader $facts, private JobReader $jobs)
    {
    }

    /**
     * What is told again is kept once. What is said to happen later than now happens now: a clock on a roof is off.
     *
     * @param  list<Fact>  $facts
     *
     * @throws DocumentFault where there would be more than a plan can follow
     */
    public function tell(Job $job, User $by, array $facts): void
    {
        if ($facts === []) {
            return;
        }
        $all = KeptFact::query()->where('job_id', $job->id)->count() + count($facts);
        if ($all > self::MOST) {
            throw DocumentFault::of([new Fault('facts', 'items', (string) $all, ['least' => 0, 'most' => self::MOST])]);
        }
        // A mark that is taped may ask more of a plan; a tick does not.
        if (in_array(FactKind::Taped, array_column($facts, 'kind'), true)) {
            $revision = $job->newest();
            $this->check($revision, FactLog::of([...$this->told($revision, PHP_INT_MAX), ...$facts]));
        }
        $this->keep($job, $by, $facts);
    }

    /**
     * Keeps what a document told, unchecked for size: it was read before.
     *
     * @param  list<Fact>  $facts
     */
    public function keep(Job $job, User $by, array $facts): void
    {
        if ($facts === []) {
            return;
        }
        // One after the other: whoever has read up to a number has read all before it, and what is kept under that number stays true.
        DB::transaction(function () use ($job, $by, $facts): void {
            Job::query()->lockForUpdate()->findOrFail($job->id);
            $this->add($job, $by, $facts);
        });
    }

    /** @param  non-empty-list<Fact>  $facts */
    private function add(Job $job, User $by, array $facts): void
    {
        $now = Carbon::now();
        [$latest, $second] = [$now->utc()->format('Y-m-d\TH:i:s.v\Z'), $now->format('Y-m-d H:i:s')];
        foreach (array_chunk($facts, self::AT_ONCE) as $some) {
            KeptFact::query()->insertOrIgnore(array_map(static fn (Fact $fact): array => [
                'job_id' => $job->id,
                'fact' => $fact->id,
                'kind' => $fact->kind->value,
                'subject' => $fact->subject,
                'said' => json_encode($fact->said, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
                'at' => min($fact->at, $latest),
                'author_id' => $by->id,
                'author_name' => $by->name,
                'created_at' => $second,
            ], $some));
        }
    }

    /** Number of the newest that was told; 0 where nothing was. */
    public function newest(string $job): int
    {
        return (int) KeptFact::query()->where('job_id', $job)->max('id');
    }

    /** What happened to a job as a revision has it: what its document told, where it is of an earlier format, and what was told since, up to a number. */
    public function log(JobRevision $revision, int $upTo = PHP_INT_MAX): FactLog
    {
        return FactLog::of($this->told($revision, $upTo));
    }

    /** What a document of an earlier format told of a job is kept beside the next, which tells nothing. */
    public function takeOver(Job $job, User $by, JobRevision $from): void
    {
        $this->keep($job, $by, $this->ofDocument($from));
    }

    /** A job begun where another stands: what happened there counts for it, too. */
    public function copy(JobRevision $from, Job $into, User $by): void
    {
        $this->keep($into, $by, $this->told($from, PHP_INT_MAX));
    }

    /** @return list<Fact> */
    private function told(JobRevision $revision, int $upTo): array
    {
        $kept = KeptFact::query()->where('job_id', $revision->job_id)->where('id', '<=', $upTo)->orderBy('id')->get();

        return [...$this->ofDocument($revision), ...array_values($kept->map(static fn (KeptFact $one): Fact => $one->told())->all())];
    }

    /** @return list<Fact> */
    private function ofDocument(JobRevision $revision): array
    {
        // Documents kept today tell nothing; what is said in words cannot read like this, for its quotes are escaped.
        return str_contains($revision->document, '"format":"'.Formats::NEWEST.'"') ? [] : $this->jobs->facts($revision->document);
    }

    private function check(JobRevision $revision, FactLog $log): void
    {
        $circumstances = $this->facts->circumstances($log);
        $job = $this->jobs->read($revision->document);
        $effort = Effort::tooMuch($job, $circumstances);
        if ($effort !== null) {
            throw DocumentFault::of([new Fault($effort->field, 'too-much-work', (string) $effort->count, ['of' => $effort->of, 'most' => $effort->most($job, $circumstances)])]);
        }
    }
}
