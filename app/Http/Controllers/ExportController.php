<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\JobReader;
use App\Documents\PlanCache;
use App\Exports\BlanksDxf;
use App\Exports\BlanksSvg;
use App\Exports\CardSheets;
use App\Exports\CutListCsv;
use App\Exports\CutListSheet;
use App\Exports\LayoutSheet;
use App\Exports\NotchTemplate;
use App\Exports\PiecesCsv;
use App\Exports\ReadingsTable;
use App\Exports\RoofDxf;
use App\Http\Requests\PlanRequest;
use App\Models\Job;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The files a job leaves in. */
final class ExportController
{
    public function __construct(private readonly PlanCache $plans)
    {
    }

    public function csv(Job $job, CutListCsv $csv): Response
    {
        return $this->file($job, $csv->write($this->plans->plan($job->newest())), 'cut-list.csv', 'text/csv; charset=UTF-8');
    }

    public function pdf(Job $job, CutListSheet $sheet): Response
    {
        return $this->file($job, $sheet->pdf($this->plans->plan($job->newest()), $job->revision), 'cut-list.pdf', 'application/pdf');
    }

    public function cards(Job $job, CardSheets $sheets): Response
    {
        return $this->file($job, $sheets->pdf($this->plans->plan($job->newest()), $job->revision), 'cut-cards.pdf', 'application/pdf');
    }

    public function json(Job $job): Response
    {
        $text = json_encode(json_decode($job->newest()->document), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);

        return $this->file($job, $text."\n", 'job.json', 'application/json');
    }

    public function dxf(Job $job, RoofDxf $drawing): Response
    {
        return $this->file($job, $drawing->write($this->plans->plan($job->newest())), 'roof.dxf', 'image/vnd.dxf');
    }

    /** All flat blanks, or the one of `pick`. */
    public function blanks(PlanRequest $request, Job $job, BlanksDxf $drawing): Response
    {
        return $this->file($job, $drawing->write($this->plans->plan($job->newest()), $request->pick()), 'blanks.dxf', 'image/vnd.dxf');
    }

    public function blanksSvg(PlanRequest $request, Job $job, BlanksSvg $drawing): Response
    {
        return $this->file($job, $drawing->write($this->plans->plan($job->newest()), $request->pick()), 'blanks.svg', 'image/svg+xml');
    }

    public function pieces(Job $job, PiecesCsv $csv): Response
    {
        return $this->file($job, $csv->write($this->plans->plan($job->newest())), 'pieces.csv', 'text/csv; charset=UTF-8');
    }

    public function layout(Job $job, LayoutSheet $sheet): Response
    {
        return $this->file($job, $sheet->pdf($this->plans->plan($job->newest()), $job->revision), 'layout.pdf', 'application/pdf');
    }

    public function notch(Job $job, NotchTemplate $template): Response
    {
        return $this->file($job, $template->pdf($this->plans->plan($job->newest())) ?? abort(404), 'notch-template.pdf', 'application/pdf');
    }

    public function readings(Job $job, JobReader $reader, ReadingsTable $table): Response
    {
        return $this->file($job, $table->write($reader->decode($job->newest()->document)), 'readings.csv', 'text/csv; charset=UTF-8');
    }

    private function file(Job $job, string $content, string $name, string $type): Response
    {
        $slug = Str::slug($job->name) ?: 'job';

        return new Response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"$slug-$name\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
