<?php

declare(strict_types=1);

namespace App\Plans;

use App\Facts\FactStore;
use App\Models\JobRevision;
use App\Work\StillWorking;
use App\Work\Task;
use App\Work\Workshop;
use Closure;
use Illuminate\Support\Facades\Log;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Effort;
use Imbrex\Core\Facts\PiecesCut;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Stages;
use Imbrex\Stations\Facts\FactReader;
use Imbrex\Stations\JobReader;

/**
 * A plan is a pure function of its document, so it and what is shown of it are kept by the document's hash. One that
 * takes long is worked by the workshop, while whoever wants it asks again.
 */
final readonly class PlanCache
{
    /** What changes no piece: it is shown where it is said to be, and what else is shown stays. */
    private const TOLD_APART = [PiecesCut::class];

    public function __construct(private Shelf $slices, private KeptResults $kept, private JobReader $reader, private FactStore $facts, private FactReader $read, private Workshop $workshop)
    {
    }

    /**
     * @param  string  $name  what is shown: of one name there is one writer
     * @param  Closure(Plan): (array<string, mixed>|null)  $write
     * @param  (Closure(Plan): bool)|null  $isKept  whether it may be asked for again; null where it may
     * @param  (Closure(string): Task)|null  $apart  makes it apart where the plan is large, by the key it is ordered under; null where writing it is quick
     * @param  Circumstances|null  $today  null = nothing is known of the day
     * @param  bool  $ofTheLog  whether it shows what is cut by now
     *
     * @throws StillWorking
     */
    public function slice(JobRevision $revision, string $name, Closure $write, ?Closure $isKept = null, ?Closure $apart = null, ?Circumstances $today = null, bool $ofTheLog = false): Slice
    {
        $tag = hash('xxh128', implode('|', [$revision->hash, $this->happenedKey($revision, $ofTheLog), $today?->key() ?? '', $name, app()->getLocale(), Programme::version()]));
        $json = $this->slices->take($tag);
        if ($json === null) {
            if ($apart !== null) {
                $this->workshop->lookFor("slice $tag");
            }
            $plan = $this->plan($revision);
            if ($apart !== null && ($isKept === null || $isKept($plan)) && Effort::steps($plan->job, $plan->circumstances) > Effort::AT_ONCE) {
                $this->workshop->order("slice $tag", $apart("slice $tag"));
            }
            $json = (string) json_encode($write($today === null ? $plan : $plan->on($plan->circumstances->and($today))), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
            if ($isKept === null || $isKept($plan)) {
                $this->slices->put($tag, $json);
            }
        }

        return new Slice($json, $tag);
    }

    /**
     * @param  int|null  $facts  number of the newest fact it knows; null = all there are
     *
     * @throws StillWorking while the workshop is at it
     */
    public function plan(JobRevision $revision, ?int $facts = null): Plan
    {
        $plan = $this->made($revision, $facts);
        if (Effort::steps($plan->job, $plan->circumstances) > Effort::AT_ONCE && ! $this->kept->haveAllOf($plan)) {
            $key = "$revision->hash ".$plan->circumstances->but(...self::TOLD_APART)->key();
            $this->workshop->lookFor($key);
            if ($this->kept->stepsLeft($plan) > Effort::AT_ONCE) {
                $this->workshop->order($key, new WorkPlan($revision->id, $key));
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
        $plan = $this->made($revision, null);
        [$done, $all] = [0.0, max(1.0, Effort::steps($plan->job, $plan->circumstances))];
        foreach (Stages::IN_ORDER as $stage) {
            $plan->of($stage);
            $done += array_sum(array_column($stage::effort($plan->job, $plan->circumstances), 'steps'));
            $tell($done / $all);
        }
        $this->kept->keptAllOf($plan);

        return $plan;
    }

    /**
     * Tells what is made of a revision from what was made before more of it happened.
     *
     * @param  bool  $ofTheLog  whether it shows what is cut by now
     */
    public function happenedKey(JobRevision $revision, bool $ofTheLog): string
    {
        $happened = $this->happened($revision, $this->facts->newest($revision->job_id));

        return ($ofTheLog ? $happened : $happened->but(...self::TOLD_APART))->key();
    }

    private function made(JobRevision $revision, ?int $facts): Plan
    {
        return Plan::for($this->job($revision), $this->happened($revision, $facts ?? $this->facts->newest($revision->job_id)), $this->kept);
    }

    /** What happened by the time a fact was told, as stages look at it: read once, for nothing told is changed. */
    private function happened(JobRevision $revision, int $facts): Circumstances
    {
        $key = "happened $revision->hash $revision->job_id $facts";
        $kept = $this->kept->take($key);
        if ($kept instanceof Circumstances) {
            return $kept;
        }
        $happened = $this->read->circumstances($this->facts->log($revision, $facts));
        $this->kept->put($key, $happened);

        return $happened;
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
