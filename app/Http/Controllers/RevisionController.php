<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facts\FactStore;
use App\Http\Requests\DocumentRequest;
use App\Http\Resources\RevisionResource;
use App\Models\Job;
use App\Revisions\JobStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Imbrex\Stations\Change;

final class RevisionController
{
    private const A_PAGE = 100;

    public function index(Request $request, Job $job): AnonymousResourceCollection
    {
        $before = $request->integer('before', PHP_INT_MAX);

        return RevisionResource::collection(
            $job->revisions()->select(['id', 'job_id', 'number', 'author_name', 'change', 'aside', 'created_at'])
                ->where('number', '<', $before)->orderByDesc('number')->limit(self::A_PAGE)->get(),
        );
    }

    public function show(Job $job, int $number): JsonResponse
    {
        $revision = $job->at($number);

        return new JsonResponse(['number' => $revision->number, 'document' => $revision->decoded()]);
    }

    /** Which is the newest, and whose: asked again and again by whoever has the job open. */
    public function newest(Job $job, FactStore $facts): RevisionResource
    {
        return (new RevisionResource($job->revisions()->select(['id', 'job_id', 'number', 'author_name', 'change', 'aside', 'created_at'])->where('number', $job->revision)->firstOrFail()))->knowing($facts->newest($job->id));
    }

    /** Keeps a document for which somebody else's was taken. */
    public function keepAside(DocumentRequest $request, Job $job, JobStore $store): JsonResponse
    {
        return new JsonResponse(['number' => $store->keepAside($job, $request->member(), $request->base(), $request->document())->number], 201);
    }

    /** Going back is a change like any other: it makes a new revision. */
    public function restore(DocumentRequest $request, Job $job, int $number, JobStore $store): JsonResponse
    {
        $old = $job->at($number);
        $revision = $store->save($job, $request->member(), $request->base(), $old->document, [new Change('restored', ['number' => $number])]);

        return new JsonResponse(['revision' => $revision->number, 'document' => $revision->decoded()]);
    }
}
