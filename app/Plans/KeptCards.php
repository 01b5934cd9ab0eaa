<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Job;
use App\Models\JobRevision;
use Illuminate\Support\Facades\DB;
use Imbrex\Stations\JobCard;

/** Jobs at a glance: worked with their plan, and kept beside the job, so that a list of jobs has its pictures before any plan is worked. */
final readonly class KeptCards
{
    /** One larger than this is not sent with the list: its roof has hundreds of faces. */
    private const MOST_BYTES = 24_000;

    public function __construct(private PlanCache $plans, private JobCard $card)
    {
    }

    /** Of a revision, as it is worked now; of the newest one it is kept. */
    public function work(Job $job, JobRevision $revision): Slice
    {
        $slice = $this->plans->slice($revision, 'card', $this->card->of(...), ofTheLog: true);
        $kept = strlen($slice->json) > self::MOST_BYTES ? null : JobCard::FORMAT.$slice->json;
        if ($revision->number === $job->revision && $job->getAttribute('card') !== $kept) {
            // Nobody touched the job: its times stay.
            DB::table('jobs')->where('id', $job->id)->where('revision', $revision->number)->update(['card' => $kept]);
        }

        return $slice;
    }

    /** As it was last worked, JSON; null where it never was, or by a programme that told of other things. */
    public static function of(Job $job): mixed
    {
        $kept = (string) $job->getAttribute('card');

        return str_starts_with($kept, JobCard::FORMAT) ? json_decode(substr($kept, strlen(JobCard::FORMAT))) : null;
    }
}
