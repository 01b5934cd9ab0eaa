<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\PlanCache;
use App\Documents\PlanSlices;
use App\Http\Requests\PlanRequest;
use App\Models\Job;
use Illuminate\Http\Response;

final class PlanController
{
    public function show(PlanRequest $request, Job $job, string $station, PlanCache $cache): Response
    {
        abort_unless(in_array($station, PlanSlices::STATIONS, true), 404);
        $revision = $request->revision() === null ? $job->newest() : $job->at($request->revision());
        $slice = $cache->slice($revision, $station, $request->pick());
        $response = new Response($slice->json, 200, ['Content-Type' => 'application/json']);
        $response->setEtag($slice->tag);
        $response->headers->set('Cache-Control', 'private, no-cache');
        $response->headers->set('X-Plan-Revision', (string) $revision->number);
        $response->isNotModified($request);

        return $response;
    }
}
