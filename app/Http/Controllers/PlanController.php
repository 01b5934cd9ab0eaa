<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Models\Job;
use App\Models\JobRevision;
use App\Plans\KeptCards;
use App\Plans\MakeSlice;
use App\Plans\PlanCache;
use App\Plans\Slice;
use App\Work\Task;
use Illuminate\Http\Response;
use Imbrex\Core\Plan;
use Imbrex\Stations\Stations;

/** What stations show of a job's plan. */
final class PlanController
{
    public function __construct(private readonly PlanCache $plans, private readonly Stations $stations)
    {
    }

    public function slice(PlanRequest $request, Job $job, string $slice): Response
    {
        $station = $this->stations->showing($slice) ?? abort(404);
        $write = $station->slices()[$slice];
        $pick = $request->pick();
        // The rest is the same on every day, and kept once.
        $today = in_array($slice, $station->slicesOfTheDay(), true) ? $request->today() : null;
        $isKept = $pick === null ? null : static fn (Plan $plan): bool => $station->has($plan, $pick);

        $revision = $this->revision($request, $job);
        $apart = in_array($slice, $station->dearSlices(), true) ? static fn (string $key): Task => new MakeSlice($revision->id, $slice, $pick, $key) : null;

        return $this->answer($request, $this->plans->slice($revision, "$slice|$pick", static fn (Plan $plan): array => $write($plan, $pick), $isKept, $apart, $today, $station->showsTheLog($slice)), $revision);
    }

    /** How far each station is, in one answer: what the stages came to is kept, and nine tiles are no dearer than one. */
    public function tiles(PlanRequest $request, Job $job): Response
    {
        $revision = $this->revision($request, $job);

        return $this->answer($request, $this->plans->slice($revision, 'tiles', $this->stations->tiles(...), ofTheLog: true), $revision);
    }

    /** The job at a glance, for the list of jobs. */
    public function card(PlanRequest $request, Job $job, KeptCards $cards): Response
    {
        $revision = $this->revision($request, $job);

        return $this->answer($request, $cards->work($job, $revision), $revision);
    }

    private function revision(PlanRequest $request, Job $job): JobRevision
    {
        return $request->revision() === null ? $job->newest() : $job->at($request->revision());
    }

    private function answer(PlanRequest $request, Slice $slice, JobRevision $revision): Response
    {
        $response = new Response($slice->json, 200, ['Content-Type' => 'application/json']);
        $response->setEtag($slice->tag);
        $response->headers->set('Cache-Control', 'private, no-cache');
        $response->headers->set('X-Plan-Revision', (string) $revision->number);
        $response->isNotModified($request);

        return $response;
    }
}
