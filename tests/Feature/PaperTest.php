<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a print is besides its pages: called something, in a language, on the job's paper. */
final class PaperTest extends FeatureTestCase
{
    private const ALL = ['layout.pdf', 'cut-cards.pdf', 'cut-list.pdf', 'edge-book.pdf', 'hold-down.pdf', 'water.pdf', 'notch-template.pdf'];

    /** @return iterable<string, array{array<string, mixed>, float}> changes of the document; the sheet's long side in points */
    public static function papers(): iterable
    {
        yield 'inches on letter' => [[], 792.0];
        yield 'millimetres on A4' => [['units' => 'metric'], 841.89];
        yield 'inches on A4, where a crew has that' => [['rules' => ['print.paper' => 'A4']], 841.89];
        yield 'millimetres on letter, where a crew has that' => [['units' => 'metric', 'rules' => ['print.paper' => 'letter']], 792.0];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('papers')]
    public function test_every_print_has_its_title_its_language_and_the_jobs_paper(array $changes, float $long): void
    {
        $member = $this->member();
        $job = $this->job($member, self::document($changes));
        $this->actingAs($member);
        foreach (self::ALL as $file) {
            $pdf = $this->print($job, $file);
            self::assertStringContainsString('%PDF-1.', substr($pdf, 0, 10), $file);
            [$catalog, $info, $box] = self::ending($pdf);
            self::assertStringContainsString('/Lang (en)', $catalog, $file);
            self::assertMatchesRegularExpression('/\/Pages \d+ 0 R/', $catalog, $file);
            self::assertSame("Oar store · {$this->said($file)} · plan 1", $info, $file);
            self::assertEqualsWithDelta($long, max($box), 0.01, $file);
        }
    }

    public function test_lengths_of_a_metric_job_are_millimetres_until_somebody_says_otherwise(): void
    {
        $member = $this->member();
        $metric = $this->job($member, self::document(['units' => 'metric']));
        $this->actingAs($member)->getJson("/api/jobs/$metric->id/plan/load-out")->assertOk();
        $list = (string) $this->get("/api/jobs/$metric->id/files/cut-list.csv")->getContent();
        self::assertStringContainsString(' mm', $list);
        self::assertStringNotContainsString('″', $list);
        $inImperial = $this->job($member, self::document());
        [$told, $usual] = array_map(function (Job $job): array {
            [$head, $first] = self::table((string) $this->get("/api/jobs/$job->id/files/cut-list.csv")->getContent());

            return array_combine(array_map(strval(...), $head), $first);
        }, [$metric, $inImperial]);
        foreach (['length_mm' => ['length_in', 25.4, 0.01], 'square_metres' => ['square_feet', 0.09290304, 0.001], 'kilograms' => ['pounds', 0.45359237, 0.03]] as $column => [$other, $worth, $within]) {
            self::assertEqualsWithDelta((float) $usual[$other] * $worth, (float) $told[$column], $within, $column);
            self::assertArrayNotHasKey($other, $told);
        }
        $inches = $this->job($member, self::document(['units' => 'metric', 'rules' => ['tape.division' => '1/16']]));
        self::assertStringContainsString('″', (string) $this->get("/api/jobs/$inches->id/files/cut-list.csv")->getContent());
    }

    private function print(Job $job, string $file): string
    {
        return (string) $this->get("/api/jobs/$job->id/files/$file")->assertOk()->getContent();
    }

    private function said(string $file): string
    {
        return (string) json_decode((string) file_get_contents(base_path('lang/en/'.(['layout.pdf' => 'layout', 'cut-list.pdf' => 'load-out', 'edge-book.pdf' => 'edges', 'hold-down.pdf' => 'hold-down', 'water.pdf' => 'water'][$file] ?? 'cutting').'.json')), true)["send.$file"];
    }

    /**
     * Read as a reader of the format does: from the end, by the tables of places.
     *
     * @return array{string, string, list<float>} the catalogue, the title, the first sheet's box
     */
    private static function ending(string $pdf): array
    {
        self::assertSame(1, preg_match('/startxref\n(\d+)\n%%EOF\s*$/', $pdf, $start));
        $at = (int) $start[1];
        $places = [];
        $roots = [];
        while ($at > 0) {
            self::assertSame('xref', substr($pdf, $at, 4));
            $table = substr($pdf, $at, (int) strpos($pdf, 'trailer', $at) - $at);
            $number = 0;
            foreach (explode("\n", $table) as $line) {
                if (preg_match('/^(\d+) (\d+)\s*$/', $line, $m) === 1) {
                    $number = (int) $m[1];
                } elseif (preg_match('/^(\d{10}) \d{5} ([nf])/', $line, $m) === 1) {
                    $places[$number] ??= (int) $m[1];
                    $number++;
                }
            }
            $trailer = substr($pdf, (int) strpos($pdf, 'trailer', $at), 400);
            preg_match('/\/Root (\d+) 0 R.*?\/Info (\d+) 0 R/s', $trailer, $m) === 1 && $roots[] = [(int) $m[1], (int) $m[2]];
            $at = preg_match('/\/Prev (\d+)/', strstr($trailer, 'startxref', true) ?: '', $m) === 1 ? (int) $m[1] : 0;
        }
        $object = static fn (int $number): string => substr($pdf, $places[$number], (int) strpos($pdf, 'endobj', $places[$number]) - $places[$number]);
        [$root, $info] = $roots[0];
        self::assertStringStartsWith("$root 0 obj", ltrim($object($root)));
        self::assertSame(1, preg_match('/\/Title <FEFF([0-9A-F]+)>/', $object($info), $title));
        self::assertSame(1, preg_match('/\/MediaBox \[([\d. ]+)\]/', $pdf, $box));

        return [$object($root), mb_convert_encoding((string) hex2bin($title[1]), 'UTF-8', 'UTF-16BE'), array_map(floatval(...), explode(' ', trim($box[1])))];
    }
}
