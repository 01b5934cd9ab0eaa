<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Models\Job;
use App\Plans\PlanCache;
use App\Stations\JobCard;
use App\Stations\Stations;
use Closure;
use Illuminate\Http\Response;
use Imbrex\Core\Plan;

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
        $isKept = $pick === null ? null : static fn (Plan $plan): bool => $station->has($plan, $pick);

        return $this->answer($request, $job, "$slice|$pick", static fn (Plan $plan): array => $write($plan, $pick), $isKept);
    }

    /** How far a station is. Each has its own, so that a cheap one does not wait for a dear one. */
    public function tile(PlanRequest $request, Job $job, string $station): Response
    {
        $found = $this->stations->station($station) ?? abort(404);
        abort_if($found->slices() === [], 404);

        return $this->answer($request, $job, "tile $station", $found->tile(...));
    }

    /** The job at a glance, for the list of jobs. */
    public function card(PlanRequest $request, Job $job, JobCard $card): Response
    {
        return $this->answer($request, $job, 'card', $card->of(...));
    }

    /**
     * @param  Closure(Plan): (array<string, mixed>|null)  $write
     * @param  (Closure(Plan): bool)|null  $isKept
     */
    private function answer(PlanRequest $request, Job $job, string $name, Closure $write, ?Closure $isKept = null): Response
    {
        $revision = $request->revision() === null ? $job->newest() : $job->at($request->revision());
        $slice = $this->plans->slice($revision, $name, $write, $isKept);
        $response = new Response($slice->json, 200, ['Content-Type' => 'application/json']);
        $response->setEtag($slice->tag);
        $response->headers->set('Cache-Control', 'private, no-cache');
        $response->headers->set('X-Plan-Revision', (string) $revision->number);
        $response->isNotModified($request);

        return $response;
    }
}
