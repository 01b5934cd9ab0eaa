<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Models\Job;
use App\Plans\PlanCache;
use App\Stations\Edition;
use App\Stations\Station;
use App\Stations\StationFile;
use App\Stations\Stations;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The files a job leaves in: those of its stations, and its document. */
final class FileController
{
    public function __construct(private readonly PlanCache $plans, private readonly Stations $stations)
    {
    }

    /** Their names, in the order of work. */
    public function index(Job $job): JsonResponse
    {
        $stations = array_merge(...array_map(static fn (Station $station): array => $station->files(), $this->stations->all()));

        return new JsonResponse(array_map(static fn (StationFile $file): string => $file->name, [...$stations, $this->document()]));
    }

    public function show(PlanRequest $request, Job $job, string $name): Response
    {
        $file = $name === 'job.json' ? $this->document() : $this->stations->file($name) ?? abort(404);
        $revision = $job->newest();
        $edition = new Edition($revision->number, $revision->decoded(...), fn () => $this->plans->plan($revision), $request->pick());
        $slug = Str::slug($job->name) ?: 'job';

        return new Response(($file->make)($edition) ?? abort(404), 200, [
            'Content-Type' => $file->type,
            'Content-Disposition' => "attachment; filename=\"$slug-$file->name\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }

    private function document(): StationFile
    {
        return new StationFile('job.json', 'application/json', static fn (Edition $edition): string => json_encode($edition->document(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");
    }
}
