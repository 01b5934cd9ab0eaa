<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\JobRevision;
use App\Work\StillWorking;
use App\Work\Task;
use App\Work\Workshop;
use Closure;
use Illuminate\Support\Facades\Log;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Effort;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Stages;
use Imbrex\Stations\JobReader;

/**
 * A plan is a pure function of its document, so it and what is shown of it are kept by the document's hash. One that
 * takes long is worked by the workshop, while whoever wants it asks again.
 */
final readonly class PlanCache
{
    public function __construct(private Shelf $slices, private KeptResults $kept, private JobReader $reader, private Workshop $workshop)
    {
    }

    /**
     * @param  string  $name  what is shown: of one name there is one writer
     * @param  Closure(Plan): (array<string, mixed>|null)  $write
     * @param  (Closure(Plan): bool)|null  $isKept  whether it may be asked for again; null where it may
     * @param  (Closure(string): Task)|null  $apart  makes it apart where the plan is large, by the key it is ordered under; null where writing it is quick
     * @param  Circumstances|null  $today  null = nothing is known of the day
     *
     * @throws StillWorking
     */
    public function slice(JobRevision $revision, string $name, Closure $write, ?Closure $isKept = null, ?Closure $apart = null, ?Circumstances $today = null): Slice
    {
        $tag = hash('xxh128', implode('|', [$revision->hash, $today?->key() ?? '', $name, app()->getLocale(), Programme::version()]));
        $json = $this->slices->take($tag);
        if ($json === null) {
            if ($apart !== null) {
                $this->workshop->lookFor("slice $tag");
            }
            $plan = $this->plan($revision);
            if ($apart !== null && ($isKept === null || $isKept($plan)) && Effort::steps($plan->job) > Effort::AT_ONCE) {
                $this->workshop->order("slice $tag", $apart("slice $tag"));
            }
            $json = (string) json_encode($write($today === null ? $plan : $plan->on($today)), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
            if ($isKept === null || $isKept($plan)) {
                $this->slices->put($tag, $json);
            }
        }

        return new Slice($json, $tag);
    }

    /** @throws StillWorking while the workshop is at it */
    public function plan(JobRevision $revision): Plan
    {
        $plan = $this->of($this->job($revision));
        if (Effort::steps($plan->job) > Effort::AT_ONCE && ! $this->kept->haveAllOf($plan)) {
            $this->workshop->lookFor($revision->hash);
            if ($this->kept->stepsLeft($plan) > Effort::AT_ONCE) {
                $this->workshop->order($revision->hash, new WorkPlan($revision->id, $revision->hash));
                // Nobody is at it, or it was made and could not be kept.
                Log::warning('A large plan is worked while somebody waits for it.');
            }
        }

        return $plan;
    }

    /** The plan of a job nobody has saved, or not yet: by the same door. */
    public function of(Job $job): Plan
    {
        return Plan::for($job, kept: $this->kept);
    }

    /**
     * A plan with every stage worked, which is kept.
     *
     * @param  Closure(float): void  $tell  told the share that is done
     */
    public function work(JobRevision $revision, Closure $tell): Plan
    {
        $plan = $this->of($this->job($revision));
        [$done, $all] = [0.0, max(1.0, Effort::steps($plan->job))];
        foreach (Stages::IN_ORDER as $stage) {
            $plan->of($stage);
            $done += array_sum(array_column($stage::effort($plan->job), 'steps'));
            $tell($done / $all);
        }
        $this->kept->keptAllOf($plan);

        return $plan;
    }

    /** Read once: what its document says is the same for good. */
    private function job(JobRevision $revision): Job
    {
        $key = "job $revision->hash";
        $kept = $this->kept->take($key);
        if ($kept instanceof Job) {
            return $kept;
        }
        $job = $this->reader->read($revision->document);
        $this->kept->put($key, $job);

        return $job;
    }
}
