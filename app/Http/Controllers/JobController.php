<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DocumentRequest;
use App\Models\Job;
use App\Models\User;
use App\Revisions\JobStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class JobController
{
    public function index(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $jobs = Job::query()->where('crew_id', $user->crew_id)->orderByDesc('updated_at')->orderBy('name')->get();

        return new JsonResponse($jobs->map(static fn (Job $job): array => [
            'id' => $job->id, 'name' => $job->name, 'revision' => $job->revision, 'savedAt' => $job->updated_at->toIso8601String(),
        ]));
    }

    /** The body is a whole job document, new or exported before. */
    public function store(DocumentRequest $request, JobStore $store): JsonResponse
    {
        $job = $store->create($request->member(), $request->document());

        return new JsonResponse(['id' => $job->id, 'revision' => $job->revision], 201);
    }

    public function show(Job $job): JsonResponse
    {
        $revision = $job->newest();

        return new JsonResponse([
            'id' => $job->id,
            'revision' => $revision->number,
            'author' => $revision->author_name,
            'savedAt' => $revision->created_at->toIso8601String(),
            'document' => $revision->decoded(),
        ]);
    }

    public function update(DocumentRequest $request, Job $job, JobStore $store): JsonResponse
    {
        $revision = $store->save($job, $request->member(), $request->base(), $request->document());

        return new JsonResponse(['revision' => $revision->number, 'savedAt' => $revision->created_at->toIso8601String(), 'change' => $revision->change]);
    }
}
