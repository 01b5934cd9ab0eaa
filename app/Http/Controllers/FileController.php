<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\FileMaker;
use App\Http\Download;
use App\Http\Requests\PlanRequest;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;
use Imbrex\Stations\Edition;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Stations;

/** The files a job leaves in: those of its stations, and its document. */
final class FileController
{
    public function __construct(private readonly FileMaker $files, private readonly Stations $stations)
    {
    }

    /** The names of those there are for this job, in the order of work. */
    public function index(Job $job): JsonResponse
    {
        $edition = $this->files->edition($job->newest(), null);
        $offered = array_filter([...$this->stations->files(), $this->document()], static fn (StationFile $file): bool => $file->isOffered($edition));

        return new JsonResponse(array_values(array_map(static fn (StationFile $file): string => $file->name, $offered)));
    }

    public function show(PlanRequest $request, Job $job, string $name): Download
    {
        $file = $name === 'job.json' ? $this->document() : $this->stations->file($name) ?? abort(404);
        $slug = Str::slug($job->name) ?: 'job';
        $content = $this->files->content($job->newest(), $file, $request->pick());

        return new Download($content ?? abort(404), $file->type, "$slug-$file->name");
    }

    private function document(): StationFile
    {
        return new StationFile('job.json', 'application/json', static fn (Edition $edition): string => json_encode($edition->document(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");
    }
}
