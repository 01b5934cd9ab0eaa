<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facts\FactStore;
use App\Http\Requests\DocumentRequest;
use App\Http\Requests\FactsRequest;
use App\Models\Job;
use App\Models\KeptFact;
use Illuminate\Http\JsonResponse;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Facts\FactReader;
use Imbrex\Stations\JobReader;

/** What happened on a job: told in lists, read in the order it was told. */
final readonly class FactController
{
    private const A_PAGE = 500;

    public function __construct(private FactStore $facts)
    {
    }

    /** What was told after a number. */
    public function index(FactsRequest $request, Job $job): JsonResponse
    {
        $page = KeptFact::query()->where('job_id', $job->id)->where('id', '>', $request->since())->orderBy('id')->limit(self::A_PAGE)->get();

        return new JsonResponse([
            'newest' => $this->facts->newest($job->id),
            'facts' => $page->map(static fn (KeptFact $one): array => [...FactReader::wire($one->told()), 'number' => $one->id, 'author' => $one->author_name, 'toldAt' => $one->created_at->toIso8601String()]),
        ]);
    }

    /** The body is a list by contracts/facts. Told again it is the same, so whoever got no answer sends it again. */
    public function store(DocumentRequest $request, Job $job, JobReader $reader, FactReader $read): JsonResponse
    {
        $told = $reader->decode($request->document(), 'facts')->facts;
        if (is_array($told) && count($told) > self::A_PAGE) {
            throw DocumentFault::of([new Fault('facts', 'items', (string) count($told), ['least' => 0, 'most' => self::A_PAGE])]);
        }
        $facts = $read->read($told);
        $this->facts->tell($job, $request->member(), $facts);

        return new JsonResponse(['newest' => $this->facts->newest($job->id), 'taken' => array_column($facts, 'id')]);
    }
}
