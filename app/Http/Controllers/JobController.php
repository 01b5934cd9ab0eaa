<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facts\FactStore;
use App\Http\Requests\DocumentRequest;
use App\Models\Job;
use App\Models\JobRevision;
use App\Models\User;
use App\Plans\KeptCards;
use App\Revisions\JobStore;
use App\Revisions\Turn;
use App\Revisions\UndoLine;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Imbrex\Stations\Change;
use Imbrex\Stations\Words\Words;
use stdClass;

final class JobController
{
    /** Those at hand and those put away; deleted ones only for whoever may bring them back. */
    public function index(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $mayBringBack = $user->role->deletesJobs();
        $jobs = ($mayBringBack ? Job::withTrashed() : Job::query())->where('crew_id', $user->crew_id)->orderByDesc('updated_at')->orderBy('name')
            ->addSelect(['author' => JobRevision::query()->select('author_name')->whereColumn('job_id', 'jobs.id')->whereColumn('number', 'jobs.revision')]);
        if ($mayBringBack) {
            $jobs->where(static fn (Builder $query) => $query->whereNull('deleted_at')->orWhere('deleted_at', '>=', now()->subDays(Job::KEPT_DAYS)));
        }

        return new JsonResponse($jobs->get()->map(static fn (Job $job): array => [
            'id' => $job->id,
            'name' => $job->name,
            'revision' => $job->revision,
            'savedAt' => $job->updated_at->toIso8601String(),
            'author' => (string) $job->getAttribute('author'),
            'archived' => $job->archived_at !== null,
            'deletedUntil' => $job->deleted_at?->addDays(Job::KEPT_DAYS)->toIso8601String(),
            'card' => KeptCards::of($job),
        ]));
    }

    /** The body is a whole job document, new or exported before. */
    public function store(DocumentRequest $request, JobStore $store): JsonResponse
    {
        $job = $store->create($request->member(), $request->document());

        return new JsonResponse(['id' => $job->id, 'revision' => $job->revision], 201);
    }

    /** A job that is worked through already, for who wants to look round first. */
    public function sample(Request $request, JobStore $store, Words $words): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $document = json_decode((string) file_get_contents(database_path('demo/oar-store.json')), false, 64, JSON_THROW_ON_ERROR);
        assert($document instanceof stdClass);
        $document->name = $words->say('job.sample', ['name' => $document->name]);
        $document->note = '';
        $job = $store->create($user, (string) json_encode($document, JSON_THROW_ON_ERROR));

        return new JsonResponse(['id' => $job->id, 'revision' => $job->revision], 201);
    }

    public function show(Request $request, Job $job, FactStore $facts): JsonResponse
    {
        $revision = $job->newest();
        $line = UndoLine::of($job);

        return new JsonResponse([
            'id' => $job->id,
            'revision' => $revision->number,
            'author' => $revision->author_name,
            'savedAt' => $revision->created_at->toIso8601String(),
            'document' => $revision->decoded(),
            'archived' => $job->archived_at !== null,
            'mayChange' => $request->user()?->can('update', $job) ?? false,
            'mayTell' => $request->user()?->can('tell', $job) ?? false,
            'facts' => $facts->newest($job->id),
            'undo' => $line->states(Turn::Undo),
            'redo' => $line->states(Turn::Redo),
        ]);
    }

    public function update(DocumentRequest $request, Job $job, JobStore $store): JsonResponse
    {
        $revision = $store->save($job, $request->member(), $request->base(), $request->document(), turn: $request->turn());

        return new JsonResponse(['revision' => $revision->number, 'savedAt' => $revision->created_at->toIso8601String(), 'change' => $revision->change]);
    }

    /** A job of its own, begun where this one stands. */
    public function duplicate(DocumentRequest $request, Job $job, JobStore $store, FactStore $facts, Words $words): JsonResponse
    {
        $document = $job->newest()->decoded();
        $document->name = mb_substr($words->say('job.copy-of', ['name' => $job->name]), 0, 120);
        $copy = $store->create($request->member(), (string) json_encode($document, JSON_THROW_ON_ERROR), new Change('copied', ['name' => $job->name, 'number' => $job->revision]));
        $facts->copy($job->newest(), $copy, $request->member());

        return new JsonResponse(['id' => $copy->id, 'revision' => $copy->revision], 201);
    }

    /** Put away: read as before, changed no more. */
    public function archive(Job $job): Response
    {
        return $this->putAway($job, Carbon::now());
    }

    public function unarchive(Job $job): Response
    {
        return $this->putAway($job, null);
    }

    public function destroy(Job $job): Response
    {
        Job::withoutTimestamps(static fn () => $job->delete());

        return new Response(status: 204);
    }

    public function bringBack(Job $job): Response
    {
        // Nobody has worked on it by that.
        Job::withoutTimestamps(static fn () => $job->restore());

        return new Response(status: 204);
    }

    private function putAway(Job $job, ?Carbon $at): Response
    {
        $job->archived_at = $at;
        $job->timestamps = false;
        $job->save();

        return new Response(status: 204);
    }
}
