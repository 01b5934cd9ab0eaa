<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use Imbrex\Core\Circumstance;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Effort;
use Imbrex\Core\Facts\Fact;
use Imbrex\Core\Facts\FactLog;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Documents\Formats;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Documents\SchemaCheck;
use Imbrex\Stations\Documents\Understood;
use Imbrex\Stations\Facts\FactReader;
use JsonException;
use stdClass;

/** Turns the text of a job document into a job: decoded, held against the schema, then checked for sense. */
final readonly class JobReader
{
    /** Deeper than any honest document. */
    private const DEPTH = 24;

    /** @param  int  $mostBytes  of a document */
    public function __construct(private SchemaCheck $schema, private Stations $stations, private FactReader $facts, private int $mostBytes)
    {
    }

    /** @throws DocumentFault */
    public function read(string $json): Job
    {
        return $this->job($this->decode($json));
    }

    /**
     * The plan of a document, with what it tells of what happened.
     *
     * @throws DocumentFault
     */
    public function plan(string $json, ?Circumstances $today = null): Plan
    {
        return Plan::for($this->read($json), $this->facts->circumstances(FactLog::of($this->facts($json)))->and($today ?? Circumstances::none()));
    }

    /**
     * What a document tells of what happened.
     *
     * @return list<Fact>
     *
     * @throws DocumentFault
     */
    public function facts(string $json): array
    {
        $document = $this->parsed($json);

        return $document instanceof stdClass ? $this->facts->read(Formats::facts($document)) : [];
    }

    /**
     * What holds today besides the job.
     *
     * @throws DocumentFault
     */
    public function circumstances(string $json): Circumstances
    {
        $said = $this->decode($json, 'circumstances');

        return Circumstances::of(...array_filter(array_map(static fn (Station $station): ?Circumstance => $station->circumstance($said), $this->stations->all())));
    }

    /**
     * The document as an object in its newest format, sound by its schema.
     *
     * @throws DocumentFault
     */
    public function decode(string $json, string $contract = 'job'): stdClass
    {
        $document = $this->parsed($json);
        if ($contract === 'job' && $document instanceof stdClass) {
            $document = Formats::newest($document);
        }
        $faults = $this->schema->faults($document, $contract);
        if ($faults !== []) {
            throw DocumentFault::of($faults);
        }
        if (! $document instanceof stdClass) {
            throw DocumentFault::of([new Fault('document', 'type', Understood::inWords($document), ['type' => 'object'])]);
        }

        return $document;
    }

    /** @throws DocumentFault */
    private function parsed(string $json): mixed
    {
        if (strlen($json) > $this->mostBytes) {
            throw DocumentFault::of([new Fault('document', 'too-large', strlen($json).' bytes', ['most' => $this->mostBytes])]);
        }
        try {
            return json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            $code = $e->getCode() === JSON_ERROR_DEPTH ? 'too-deep' : 'not-json';
            throw DocumentFault::of([new Fault('document', $code, $e->getMessage(), ['most' => self::DEPTH])]);
        }
    }

    /**
     * @param  stdClass  $document  sound by its schema
     *
     * @throws DocumentFault
     */
    public function job(stdClass $document): Job
    {
        $reading = new Reading($document);
        foreach ($this->stations->all() as $station) {
            $part = $station->read($reading);
            if ($part !== null) {
                $reading->keep($part);
            }
        }

        $job = Job::of((string) $document->name, UnitSystem::from((string) ($document->units ?? 'imperial')), $reading->covering, ...$reading->parts());
        $effort = Effort::tooMuch($job);
        if ($effort !== null) {
            throw DocumentFault::of([new Fault($effort->field, 'too-much-work', (string) $effort->count, ['of' => $effort->of, 'most' => $effort->most($job)])]);
        }

        return $job;
    }
}
