<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Drills\WorstJobs;
use App\Plans\WholePlan;
use Closure;
use Generator;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Edition;
use Imbrex\Stations\JobCard;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Stations;
use stdClass;
use Tests\Core\Roof\RandomRoof;
use Throwable;

/**
 * Everything a plan leaves in, hashed: the whole of it, each tile, each slice with what can be picked, the card, and every file (of a PDF its texts and where they
 * stand). A change that is to change nothing is held against what was before it.
 */
final readonly class Hashes
{
    /** Of random roofs some of each kind that can be picked are; of the demo's jobs all. */
    private const SOME = 2;

    /** Worst jobs over this many steps are hashed as a whole plan alone. */
    private const LARGE = 20_000;

    public function __construct(private Stations $stations, private WholePlan $whole, private JobCard $card, private JobReader $reader)
    {
    }

    /** @return array<string, Closure(): Generator<string, string>> hashes by name, job by job */
    public function jobs(int $roofs, int $from): array
    {
        $jobs = [];
        foreach ([...glob(base_path('database/demo/*.json')) ?: [], ...glob(base_path('database/drills/*.json')) ?: []] as $file) {
            $jobs[basename($file, '.json')] = fn (): Generator => $this->ofDocument((string) file_get_contents($file), PHP_INT_MAX);
        }
        for ($number = $from; $number < $from + $roofs; $number++) {
            $jobs["roof $number"] = fn (): Generator => $this->of(Plan::for((new RandomRoof($number))->job($number % 2 === 0)), new stdClass, self::SOME);
        }
        foreach (WorstJobs::all() as $name => $json) {
            $jobs["worst $name"] = fn (): Generator => strlen($json) > self::LARGE ? $this->wholeOf($json) : $this->ofDocument($json, self::SOME);
        }

        return $jobs;
    }

    /** @return Generator<string, string> */
    private function ofDocument(string $json, int $picks): Generator
    {
        $document = json_decode($json);
        assert($document instanceof stdClass);
        yield from $this->of($this->reader->plan($json), $document, $picks);
    }

    /** @return Generator<string, string> */
    private function wholeOf(string $json): Generator
    {
        try {
            yield 'plan' => self::hash($this->whole->of($this->reader->plan($json)));
        } catch (DocumentFault $fault) {
            yield 'refused' => self::hash(array_map(static fn ($one): string => "$one->field $one->code", $fault->faults));
        }
    }

    /** @return Generator<string, string> */
    private function of(Plan $plan, stdClass $document, int $picks): Generator
    {
        yield 'plan' => self::hash($this->whole->of($plan));
        yield 'card' => self::hash($this->card->of($plan));
        $picked = self::picks($plan, $picks);
        foreach ($this->stations->all() as $station) {
            yield "tile {$station->key()}" => self::hash($station->tile($plan));
            foreach ($station->slices() as $name => $write) {
                yield "slice $name" => self::hash($write($plan, null));
                foreach ($picked as $pick) {
                    if ($station->has($plan, $pick)) {
                        yield "slice $name of $pick" => self::hash($write($plan, $pick));
                    }
                }
            }
        }
        foreach ($this->stations->files() as $file) {
            foreach ([null, ...array_slice($picked, 0, self::SOME)] as $pick) {
                yield "file $file->name of $pick" => self::file($file, new Edition(1, static fn (): stdClass => $document, static fn (): Plan => $plan, $pick));
            }
        }
    }

    private static function file(StationFile $file, Edition $edition): string
    {
        try {
            $content = $file->isOffered($edition) ? ($file->make)($edition) : null;
        } catch (Throwable $e) {
            // A roof at random has no document to be written out.
            $content = $e::class;
        }

        return self::hash($content !== null && str_starts_with($content, '%PDF') ? array_map(static fn (PdfText $page): array => [$page->texts, $page->strokes], PdfText::pages($content)) : $content);
    }

    /** @return list<string> */
    private static function picks(Plan $plan, int $most): array
    {
        $kinds = [
            array_column($plan->of(RoofStage::class)->roof->faces, 'id'), array_column($plan->of(CuttingStage::class)->panels, 'id'), array_keys($plan->of(EdgesStage::class)->edges),
            array_keys($plan->of(EdgesStage::class)->junctions), array_keys($plan->of(TrimsStage::class)->runs), array_keys($plan->of(OpeningsStage::class)->openings),
        ];

        return array_values(array_unique(array_merge(...array_map(static fn (array $ids): array => array_slice(array_map(strval(...), $ids), 0, $most), $kinds))));
    }

    private static function hash(mixed $what): string
    {
        return hash('xxh128', (string) json_encode($what, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_PARTIAL_OUTPUT_ON_ERROR));
    }
}
