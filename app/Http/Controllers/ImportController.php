<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DrawingRequest;
use App\Http\Requests\TableRequest;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Imbrex\Stations\Imports\Dxf\DrawnRoof;
use Imbrex\Stations\Imports\Dxf\DxfReader;
use Imbrex\Stations\Imports\ReadingsCsv;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Words\Words;

/** Makes proposals of files from elsewhere. Nothing is saved: what is taken over becomes an edit of the job. */
final class ImportController
{
    public function dxf(DrawingRequest $request, Job $job, DxfReader $reader): JsonResponse
    {
        $roof = new DrawnRoof($reader->read($request->text()));

        return new JsonResponse($roof->planes($request->unit(), $request->scale(), $request->inPlan(), $request->rise(), $request->eaves()));
    }

    public function readings(TableRequest $request, Job $job, JobReader $reader, Words $words): JsonResponse
    {
        return new JsonResponse((new ReadingsCsv($reader->decode($job->newest()->document), $words))->read($request->text()));
    }
}
