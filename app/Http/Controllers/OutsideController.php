<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\GaugeRequest;
use App\Models\Job;
use App\Services\Gauge;
use App\Services\MeasurementReport;
use App\Services\Weather;
use Illuminate\Http\JsonResponse;

/** Brings in what services and devices say. Nothing is saved here. */
final class OutsideController
{
    public function reports(Job $job, MeasurementReport $report): JsonResponse
    {
        return new JsonResponse($report->offered());
    }

    public function report(Job $job, string $reference, MeasurementReport $report): JsonResponse
    {
        return new JsonResponse($report->planes($reference));
    }

    public function weather(Job $job, Weather $weather): JsonResponse
    {
        return new JsonResponse($weather->rain());
    }

    public function gauge(GaugeRequest $request, Job $job, Gauge $gauge): JsonResponse
    {
        return new JsonResponse($gauge->after($request->lastHeard()));
    }
}
