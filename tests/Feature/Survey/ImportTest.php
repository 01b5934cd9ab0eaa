<?php

declare(strict_types=1);

namespace Tests\Feature\Survey;

use App\Models\Job;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Testing\TestResponse;
use Imbrex\Stations\Imports\Dxf\DxfReader;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** Drawings and tables from elsewhere: proposals, or a clear refusal; never a broken server, never a changed job. */
final class ImportTest extends FeatureTestCase
{
    public function test_our_own_drawing_read_back_is_the_same_roof(): void
    {
        $job = $this->boathouse();
        $text = (string) $this->get("/api/jobs/$job->id/files/roof.dxf")->assertOk()->getContent();
        $answer = $this->dxf($job, $text)->assertOk()->assertJsonPath('unit', 'in')->assertJsonPath('asks', [])->json();
        $this->saveRoof($job, ['planes' => $answer['planes']]);
        $faces = collect($this->getJson("/api/jobs/$job->id/plan/roof")->json('faces'))->keyBy('name');
        $edges = collect($this->getJson("/api/jobs/$job->id/plan/roof")->json('edges'));

        self::assertEqualsWithDelta(93109.8706 / 144, $faces['Hall S']['areaSquareFeet'], 0.001);
        self::assertEqualsWithDelta([183.0, 183.0], $edges->where('kind', 'valley')->pluck('length')->all(), 1e-4);
        self::assertEqualsWithDelta(143.1301, $edges->firstWhere('kind', 'valley')['dihedralDegrees'], 1e-3);
        self::assertCount(17, $edges);
    }

    public function test_blanks_leave_as_outlines_with_their_folds(): void
    {
        $job = $this->boathouse();
        $drawing = (new DxfReader)->read((string) $this->get("/api/jobs/$job->id/files/blanks.dxf")->assertOk()->getContent());
        $plan = json_decode((string) $this->getJson("/api/jobs/$job->id/plan/cuts")->getContent(), true);
        $lengths = array_unique(array_map(static fn (array $p): string => sprintf('%.3f', $p['blank']['long']), $plan['panels']));
        $drawn = array_unique(array_map(static fn (array $o): string => sprintf('%.3f', max(array_column($o['points'], 1)) - min(array_column($o['points'], 1))), $drawing->outlines));

        self::assertSame(['CUT'], array_values(array_unique(array_column($drawing->outlines, 'layer'))));
        self::assertEqualsCanonicalizing(array_values($lengths), array_values($drawn), 'every length there is, to a thousandth');
        self::assertEqualsCanonicalizing(['BEND', 'NOTCH'], array_values(array_unique(array_column($drawing->lines, 'layer'))));
        self::assertStringContainsString('Hall S-', $drawing->texts[0]['text']);
    }

    public function test_what_a_drawing_leaves_open_is_asked(): void
    {
        $job = $this->boathouse();
        $square = self::drawing([['ROOF', [[0, 0], [30, 0], [30, 16], [0, 16]]]]);

        $this->dxf($job, $square)->assertOk()->assertJsonPath('asks', ['unit', 'pitch', 'eaves'])->assertJsonPath('planes', []);
        $said = ['eaves' => ['P1' => '0']];
        $this->dxf($job, $square, ['unit' => 'in', 'riseIn12' => '6'])->assertOk()->assertJsonPath('asks', ['eaves'])->assertJsonPath('outlines.0.eave', null);
        $this->dxf($job, $square, ['unit' => 'in', 'riseIn12' => '6', ...$said])->assertOk()->assertJsonPath('asks', []);
        $this->dxf($job, $square, ['unit' => 'mm', 'riseIn12' => '6', ...$said])->assertOk()->assertJsonPath('asks', ['scale']);
        $metres = $this->dxf($job, $square, ['unit' => 'm', 'riseIn12' => '12', 'drawn' => 'plan', ...$said])->assertOk()->json('planes.0.outline');
        self::assertEqualsWithDelta([[0, 0], [30000 / 25.4, 0], [30000 / 25.4, 16000 / 25.4 * sqrt(2)], [0, 16000 / 25.4 * sqrt(2)]], $metres, 1e-4);
        $deck = $this->dxf($job, $square, ['unit' => 'ft', 'riseIn12' => '12', 'drawn' => 'deck', ...$said])->json('planes.0.outline');
        self::assertEqualsWithDelta([[0, 0], [360, 0], [360, 192], [0, 192]], $deck, 1e-4);
        $this->dxf($job, $square, ['unit' => 'ft', 'scale' => '2', 'riseIn12' => '12'])->assertJsonPath('size', [720, 384]);
    }

    public function test_edges_come_from_layers_and_the_rest_is_listed(): void
    {
        $job = $this->boathouse();
        $text = self::drawing(
            [['A', [[0, 0], [400, 0], [400, 200], [0, 200]]], ['B', [[400, 400], [400, 200], [0, 200], [0, 400]]], ['X', [[0, 0], [90, 50], [60, -20], [0, 50]]]],
            "0\nLINE\n8\nRidge\n10\n0\n20\n200\n11\n400\n21\n200\n0\nCIRCLE\n8\nPIPES\n10\n5\n20\n5\n40\n2\n0\nTEXT\n8\nN\n10\n20\n20\n20\n1\nQuay side 8:12\n",
        );
        $answer = $this->dxf($job, $text, ['unit' => 'in', 'riseIn12' => '5'])->assertOk()->json();

        self::assertSame(['Quay side', 'B 2'], array_column($answer['planes'], 'name'));
        self::assertSame([8, 5], array_column($answer['planes'], 'riseIn12'));
        self::assertSame(['eave', 'rake', 'ridge', 'rake'], $answer['planes'][0]['edges']);
        self::assertSame('P2', $answer['planes'][0]['ties'][0]['plane']);
        self::assertEqualsCanonicalizing(['crossing'], array_column($answer['notUnderstood'], 'what'));
        self::assertSame([['P1', 'pipe', 4]], array_map(static fn (array $one): array => [$one['face'], $one['kind'], $one['diameter']], $answer['openings']));
    }

    /**
     * Drawings made by another library; what lies on the decks is reckoned by hand: a face of 12 ft in plan at 8 in 12 is 144 × √(1 + (8/12)²) = 173.066.
     *
     * @return iterable<string, array{string, array<string, string>, list<array{string, float, list<array{float, float}>, list<string>}>, list<array{string, string, list<float>}>, list<string>}>
     */
    public static function drawingsOfOthers(): iterable
    {
        $deck = 120.0 * sqrt(1.25);
        yield 'lines with gaps, R12' => ['lines-r12', ['unit' => 'in'], [
            ['South', 6.0, [[0, 0], [240, 0], [240, $deck], [0, $deck]], ['eave', 'rake', 'ridge', 'rake']],
            ['North', 4.5, [[0, 0], [240, 0], [240, 120.0 * sqrt(1.140625)], [0, 120.0 * sqrt(1.140625)]], ['eave', 'rake', 'ridge', 'rake']],
        ], [], ['loose']];
        [$long, $deep] = [8000 / 25.4, 4000 / 25.4 * sqrt(1.25)];
        $stack = [2000 / 25.4, 1500 / 25.4 * sqrt(1.25), 600 / 25.4, 500 / 25.4 * sqrt(1.25)];
        yield 'blocks within blocks, R2000' => ['inserts-r2000', ['riseIn12' => '6'], [
            ['A-ROOF 1', 6.0, [[0, 0], [$long, 0], [$long, $deep], [0, $deep]], ['eave', 'rake', 'ridge', 'rake']],
            ['A-ROOF 2', 6.0, [[0, 0], [$long, 0], [$long, $deep], [0, $deep]], ['eave', 'rake', 'ridge', 'rake']],
        ], [['P1', 'chimney', $stack], ['P2', 'chimney', $stack]], []];
        $slope = sqrt(1 + (8 / 12) ** 2);
        yield 'an outline parted by its ridge, with openings, R2010' => ['inner-outlines-r2010', [], [
            ['Slip hall', 8.0, [[0, 0], [360, 0], [360, 144 * $slope], [0, 144 * $slope]], ['eave', 'rake', 'ridge', 'rake']],
            ['Shed side', 8.0, [[0, 0], [360, 0], [360, 144 * $slope], [0, 144 * $slope]], ['eave', 'rake', 'ridge', 'rake']],
        ], [['P1', 'skylight', [120, 36 * $slope, 24, 48 * $slope]], ['P1', 'pipe', [240, 60 * $slope, 6]]], ['HATCH']];
        $hip = 144 * sqrt(1.25);
        yield 'a hip roof of lines, R2018' => ['hip-r2018', [], [
            ['South', 6.0, [[0, 0], [480, 0], [336, $hip], [144, $hip]], ['eave', 'hip', 'ridge', 'hip']],
            ['West', 6.0, [[0, 0], [288, 0], [144, $hip]], ['eave', 'hip', 'hip']],
            ['East', 6.0, [[0, 0], [288, 0], [144, $hip]], ['eave', 'hip', 'hip']],
            ['North', 6.0, [[0, 0], [480, 0], [336, $hip], [144, $hip]], ['eave', 'hip', 'ridge', 'hip']],
        ], [['P1', 'curb', [200, 60 * sqrt(1.25), 240, 50 * sqrt(1.25), 250, 90 * sqrt(1.25), 210, 100 * sqrt(1.25)]]], []];
    }

    /** Hips that cross without a corner part the square; a line of another layer parts nothing. */
    public function test_diagonals_that_cross_make_a_tent(): void
    {
        $answer = $this->dxf($this->boathouse(), (string) file_get_contents(base_path('tests/data/drawings/tent-r2013.dxf')))->assertOk()->assertJsonPath('asks', [])->json();
        self::assertEqualsCanonicalizing(['South', 'East', 'North', 'West'], array_column($answer['planes'], 'name'));
        foreach ($answer['planes'] as $plane) {
            self::assertSame(['eave', 'hip', 'hip'], $plane['edges']);
            // 120 in plan at 9 in 12 is 150 up the slope.
            self::assertEqualsWithDelta([[0, 0], [240, 0], [120, 150]], $plane['outline'], 1e-3);
        }
        self::assertSame(['loose'], array_column($answer['notUnderstood'], 'what'));
    }

    /** Shown where they are drawn: a skylight 2 ft wide whose low left corner is 10 ft along and 3 ft up, a pipe at 20 and 5 ft. */
    public function test_what_comes_through_is_shown_where_it_is_drawn(): void
    {
        $through = $this->dxf($this->boathouse(), (string) file_get_contents(base_path('tests/data/drawings/inner-outlines-r2010.dxf')))->assertOk()->json('through');
        self::assertSame(['P1', 'P1'], array_column($through, 'face'));
        self::assertEqualsWithDelta([[120, 36], [144, 36], [144, 84], [120, 84]], $through[0]['corners'], 1e-3);
        foreach ($through[1]['corners'] as [$x, $y]) {
            self::assertEqualsWithDelta(3.0, hypot($x - 240, $y - 60), 1e-3);
        }
    }

    /**
     * @param  array<string, string>  $answers
     * @param  list<array{string, float, list<array{float, float}>, list<string>}>  $planes
     * @param  list<array{string, string, list<float>}>  $openings
     * @param  list<string>  $left
     */
    #[DataProvider('drawingsOfOthers')]
    public function test_drawings_of_another_library_become_the_roof_they_show(string $file, array $answers, array $planes, array $openings, array $left): void
    {
        $job = $this->boathouse();
        $answer = $this->dxf($job, (string) file_get_contents(base_path("tests/data/drawings/$file.dxf")), $answers)->assertOk()->assertJsonPath('asks', [])->json();

        self::assertSame(array_map(static fn (array $one): array => [$one[0], $one[3]], $planes), array_map(static fn (array $one): array => [$one['name'], $one['edges']], $answer['planes']));
        self::assertEqualsWithDelta(array_column($planes, 1), array_column($answer['planes'], 'riseIn12'), 1e-9);
        self::assertEqualsWithDelta(array_column($planes, 2), array_column($answer['planes'], 'outline'), 0.07, 'to the gap that is closed');
        $numbers = static fn (array $one): array => isset($one['outline']) ? array_merge(...$one['outline']) : array_values(array_intersect_key($one, ['u' => 1, 'v' => 1, 'width' => 1, 'height' => 1, 'diameter' => 1]));
        self::assertSame(array_map(static fn (array $one): array => [$one[0], $one[1]], $openings), array_map(static fn (array $one): array => [$one['face'], $one['kind']], $answer['openings']));
        self::assertEqualsWithDelta(array_column($openings, 2), array_map($numbers, $answer['openings']), 1e-4);
        self::assertSame($left, array_column($answer['notUnderstood'], 'what'));
        $this->saveRoof($job, ['planes' => $answer['planes']], $answer['openings']);
        self::assertCount(count($planes), $this->getJson("/api/jobs/$job->id/plan/roof")->assertOk()->json('faces'));
    }

    public function test_our_own_drawing_comes_back_with_what_comes_through(): void
    {
        $job = $this->boathouse();
        $document = json_decode($job->newest()->document, true);
        $this->saveRoof($job, $document['roof'], [
            ['id' => 'o1', 'face' => 'hall.N', 'kind' => 'chimney', 'name' => 'Old stack', 'u' => 200, 'v' => 60, 'width' => 24, 'height' => 30],
            ['id' => 'o2', 'face' => 'hall.S', 'kind' => 'pipe', 'u' => 60, 'v' => 40, 'diameter' => 4],
        ]);
        $text = (string) $this->get("/api/jobs/$job->id/files/roof.dxf")->assertOk()->getContent();
        $answer = $this->dxf($job, $text)->assertOk()->assertJsonPath('asks', [])->json();
        $byName = array_column($answer['planes'], 'id', 'name');

        [$stack, $pipe] = $answer['openings'][0]['kind'] === 'chimney' ? $answer['openings'] : array_reverse($answer['openings']);
        self::assertSame(['chimney', 'Old stack', $byName['Hall N']], [$stack['kind'], $stack['name'], $stack['face']]);
        self::assertEqualsWithDelta([24.0, 30.0], [$stack['width'], $stack['height']], 1e-3);
        self::assertEqualsWithDelta(60.0, $stack['v'], 1e-3);
        self::assertSame(['pipe', $byName['Hall S']], [$pipe['kind'], $pipe['face']]);
        self::assertEqualsWithDelta(4.0, $pipe['diameter'], 1e-3);
        self::assertEqualsWithDelta(40.0, $pipe['v'], 1e-3);
    }

    public function test_what_is_left_out_costs_nothing_and_blocks_within_blocks_end(): void
    {
        $job = $this->boathouse();
        $gable = self::drawing([['A', [[0, 0], [120, 0], [120, 200], [0, 200]]]], str_repeat("0\nHATCH\n8\nX\n", 30_000));
        $this->dxf($job, $gable, ['unit' => 'in', 'riseIn12' => '12', 'eaves' => ['P1' => '0']])->assertOk()->assertJsonPath('notUnderstood.0.count', 30_000)->assertJsonCount(1, 'planes');
        $lines = self::drawing([], str_repeat("0\nTEXT\n8\nX\n10\n0\n20\n0\n1\nx\n", 20_001));
        self::assertStringContainsString('from 1 to 20000', (string) $this->dxf($job, $lines)->assertUnprocessable()->getContent());
        // Twenty places of a block in each of eight within one another would be 25 thousand million lines.
        $blocks = implode('', array_map(static fn (int $n): string => "0\nBLOCK\n8\n0\n2\nB$n\n10\n0\n20\n0\n".str_repeat("0\nINSERT\n8\n0\n2\nB".($n + 1)."\n10\n1\n20\n1\n", 20)."0\nENDBLK\n", range(0, 7)));
        $deep = "0\nSECTION\n2\nBLOCKS\n$blocks"."0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nINSERT\n8\n0\n2\nB0\n10\n0\n20\n0\n0\nENDSEC\n0\nEOF\n";
        $before = hrtime(true);
        $this->dxf($job, $deep)->assertOk()->assertJsonPath('asks', ['outlines']);
        self::assertLessThan(20e9, hrtime(true) - $before, 'it ends');
    }

    /** @return iterable<string, array{list<string>, float|null, list<string>}> texts in one outline; the pitch of it; what is asked */
    public static function writtenPitches(): iterable
    {
        yield 'a fraction' => [['6 1/2:12'], 6.5, []];
        yield 'with a hyphen' => [['Slip hall, 6-1/2 in 12'], 6.5, []];
        yield 'decimals' => [['8.6/12'], 8.6, []];
        yield 'a decimal comma' => [['8,6 : 12'], 8.6, []];
        yield 'degrees' => [['45°'], 12.0, []];
        yield 'a date' => [['drawn 3/12/2026'], null, ['pitch']];
        yield 'a date the other way' => [['2026-03/12', '12/3/12', '03/12'], null, ['pitch']];
        yield 'a time' => [['7:12 pm'], null, ['pitch']];
        yield 'a date beside a pitch' => [['3/12/26', 'S 5:12'], 5.0, []];
        yield 'the same twice' => [['5:12', '5 in 12'], 5.0, []];
        yield 'two that differ' => [['5:12', '6:12'], null, ['pitches']];
        yield 'one no gauge shows' => [['6 1/3:12'], null, ['pitches']];
    }

    /** @param  list<string>  $texts @param  list<string>  $asks */
    #[DataProvider('writtenPitches')]
    public function test_pitches_are_read_as_the_tape_field_reads_them(array $texts, ?float $rise, array $asks): void
    {
        $words = implode('', array_map(static fn (int $i, string $text): string => "0\nTEXT\n8\nN\n10\n20\n20\n".(20 + 9 * $i)."\n1\n$text\n", array_keys($texts), $texts));
        $text = self::drawing([['ROOF', [[0, 0], [400, 0], [400, 200], [0, 200]]]], $words);
        $answer = $this->dxf($this->boathouse(), $text, ['unit' => 'in', 'eaves' => ['P1' => '0']])->assertOk()->json();
        self::assertSame($asks, $answer['asks']);
        self::assertEqualsWithDelta($rise, $answer['planes'][0]['riseIn12'] ?? null, 1e-9);
    }

    /**
     * Two faces of a gable, each 120 along its eave and 200 deep: by length the deep sides would be eaves, and both faces turned by 90°. What they share
     * is the ridge.
     */
    public function test_the_eave_is_found_by_what_a_drawing_says_and_never_by_length(): void
    {
        $job = $this->boathouse();
        $gable = [['A', [[0, 0], [120, 0], [120, 200], [0, 200]]], ['B', [[120, 400], [120, 200], [0, 200], [0, 400]]]];
        $answer = $this->dxf($job, self::drawing($gable), ['unit' => 'in', 'riseIn12' => '12'])->assertOk()->json();
        self::assertSame([[], ['eave', 'rake', 'ridge', 'rake']], [$answer['asks'], $answer['planes'][0]['edges']]);
        self::assertEqualsWithDelta([[0, 0], [120, 0], [120, 200 * sqrt(2)], [0, 200 * sqrt(2)]], $answer['planes'][0]['outline'], 1e-4);
        self::assertEqualsWithDelta(200 * sqrt(2), $answer['planes'][1]['outline'][2][1], 1e-4);
        // A layer that has the word in it, in another language.
        foreach (['A-DACH-TRAUFE' => 'eave', 'Egout_neuf' => 'eave', 'cubierta-cumbrera' => 'ridge'] as $layer => $kind) {
            $side = $kind === 'eave' ? "10\n0\n20\n0\n11\n0\n21\n200" : "10\n120\n20\n0\n11\n120\n21\n200";
            $one = $this->dxf($job, self::drawing([$gable[0]], "0\nLINE\n8\n$layer\n$side\n"), ['unit' => 'in', 'riseIn12' => '12'])->assertOk()->json();
            self::assertSame([], $one['asks'], $layer);
            self::assertEqualsWithDelta([200, 0], $one['planes'][0]['outline'][1], 1e-4, $layer);
        }
        // A side that is no side is asked again.
        $this->dxf($job, self::drawing([$gable[0]]), ['unit' => 'in', 'riseIn12' => '12', 'eaves' => ['P1' => '9']])->assertOk()->assertJsonPath('asks', ['eaves']);
        $this->dxf($job, self::drawing([$gable[0]]), ['unit' => 'in', 'eaves' => ['P1' => 'low']])->assertUnprocessable();
    }

    /** @return iterable<string, array{string, string}> */
    public static function noDrawings(): iterable
    {
        yield 'nothing' => ['', 'file'];
        yield 'prose' => ["Dear roofer,\nplease find attached\n", 'file'];
        yield 'binary' => ["AutoCAD Binary\0\0\x01", 'file'];
        yield 'a picture' => [(string) base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAE='), 'file'];
        yield 'a table' => ["where,quantity\nS,eave\n", 'file'];
    }

    #[DataProvider('noDrawings')]
    public function test_what_is_no_drawing_is_refused(string $text, string $field): void
    {
        $job = $this->boathouse();
        $answer = $this->dxf($job, $text);

        $answer->assertUnprocessable();
        self::assertStringContainsString($field, (string) json_encode($answer->json()));
        self::assertSame(1, $job->refresh()->revision);
    }

    public function test_mangled_drawings_never_break_the_server(): void
    {
        $job = $this->boathouse();
        $text = (string) $this->get("/api/jobs/$job->id/files/roof.dxf")->getContent();
        $seen = $this->mangled($text, 60, fn (string $bad): int => $this->dxf($job, $bad, ['unit' => 'in', 'riseIn12' => '6'])->status());

        self::assertSame([], array_diff(array_keys($seen), [200, 422]), (string) json_encode($seen));
        self::assertSame(1, $job->refresh()->revision);
    }

    public function test_mangled_tables_never_break_the_server(): void
    {
        $job = $this->clubroom();
        $text = (string) $this->get("/api/jobs/$job->id/files/readings.csv")->getContent();
        $seen = $this->mangled($text, 80, fn (string $bad): int => $this->csv($job, $bad)->status());

        self::assertSame([], array_diff(array_keys($seen), [200, 422]), (string) json_encode($seen));
        self::assertArrayHasKey(422, $seen);
    }

    public function test_mangled_documents_never_break_the_server(): void
    {
        $job = $this->boathouse();
        $text = (string) file_get_contents(database_path('demo/boathouse.json'));
        $seen = $this->mangled($text, 120, function (string $bad) use ($job): int {
            $revision = (string) $job->refresh()->revision;

            return $this->call('PUT', "/api/jobs/$job->id", [], [], [], ['HTTP_IF_MATCH' => $revision, 'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], $bad)->status();
        });

        self::assertSame([], array_diff(array_keys($seen), [200, 422]), (string) json_encode($seen));
    }

    public function test_a_table_read_back_is_the_same_readings(): void
    {
        $job = $this->clubroom();
        $text = (string) $this->get("/api/jobs/$job->id/files/readings.csv")->assertOk()->getContent();
        $document = json_decode($job->newest()->document, true);
        // Into the job it came from it adds nothing; into one with the same planes and no readings all of them.
        $this->csv($job, $text)->assertOk()->assertJsonPath('readings', [])->assertJsonPath('known', array_sum(array_map(static fn (array $plane): int => count($plane['readings']), $document['roof']['planes'])));
        $empty = $document;
        foreach ($empty['roof']['planes'] as &$plane) {
            $plane['readings'] = [];
        }
        unset($plane);
        $read = $this->csv($this->own($empty), $text)->json('readings');
        $kept = [];
        foreach ($document['roof']['planes'] as $plane) {
            foreach ($plane['readings'] as $reading) {
                $kept[] = [$plane['id'], $reading['quantity'], $reading['source'], $reading['value'] ?? $reading['panels'] * $reading['cover']];
            }
        }
        self::assertCount(count($kept), $read);
        foreach ($read as $i => $one) {
            self::assertSame(array_slice($kept[$i], 0, 3), [$one['plane'], $one['reading']['quantity'], $one['reading']['source']]);
            self::assertEqualsWithDelta($kept[$i][3], $one['reading']['value'], 1e-6);
        }
    }

    public function test_readings_on_a_block_roof_become_checks(): void
    {
        $job = $this->boathouse();
        $answer = $this->csv($job, "where,quantity,value,source\nvalley-hall.S-wing.W,length,15' 4,\nhall.N,pitch,6.1,laser\nhall,eaveHeight,108 in,tape\n")->assertOk();

        self::assertSame([184, 6.1, 108], array_column($answer->json('checks'), 'value'));
        self::assertSame(['tape', 'laser', 'tape'], array_column($answer->json('checks'), 'source'));
    }

    public function test_a_table_is_read_as_any_spreadsheet_saves_it(): void
    {
        $job = $this->clubroom();
        $plain = "where;quantity;value;source;at\nS;eave;1.234,5 in;tape;\n";
        $table = "WHERE;Quantity;value;SOURCE;at\nS;alongEave;\"183,0625 in\";tape;\nS;pitch;6:12;tape;\nS;pitch;8,6;tape;\nS;eaveToRidge;4,65m;laser;0,25\n";
        $table = str_replace('alongEave', 'eave', $table);
        foreach ([
            'semicolon' => [$table, 'semicolon', true],
            'named on the first line' => ["sep=;\r\n$table", 'semicolon', true],
            'tab' => [str_replace(';', "\t", $table), 'tab', true],
            'UTF-16' => ["\xFF\xFE".mb_convert_encoding($table, 'UTF-16LE', 'UTF-8'), 'semicolon', true],
            'comma' => [str_replace([';', '183,0625', '8,6', '4,65', '0,25'], [',', '183.0625', '8.6', '4.65', '0.25'], $table), 'comma', false],
        ] as $name => [$text, $separator, $decimalComma]) {
            $answer = $this->csv($job, $text);
            self::assertSame(200, $answer->status(), "$name: ".$answer->getContent());
            $values = array_column(array_column($answer->json('readings'), 'reading'), 'value');
            self::assertEqualsWithDelta([183.0625, 6, 8.6, 4650 / 25.4], $values, 1e-4, $name);
            self::assertSame([$separator, $decimalComma], [$answer->json('separator'), $answer->json('decimalComma')], $name);
            self::assertSame(0.25, $answer->json('readings.3.reading.at'), $name);
        }
        self::assertStringContainsString('1.234,5', (string) $this->csv($job, $plain)->assertUnprocessable()->getContent(), 'a thousands point is not guessed at');
        $this->csv($job, "where\xFC;quantity;value\n")->assertUnprocessable()->assertJsonPath('faults.0.field', 'line 1');
    }

    /** 5,445 may be five and a bit or over five thousand: asked back in the field's own words, unless the table tells how it writes decimals. */
    public function test_what_could_be_thousands_or_decimals_is_asked_back(): void
    {
        $job = $this->clubroom();
        foreach (["where;quantity;value\nS;eave;5,445\n", "where;quantity;value\nS;eave;5.445\n", "where\tquantity\tvalue\nS\teave\t5,445\nS\tridge\t7.5\nS\tpitch\t8,5\n", "where,quantity,value\nS,eave,\"5,445\"\n"] as $table) {
            $answer = $this->csv($job, $table)->assertUnprocessable()->assertJsonPath('faults.0.field', 'line 2 value');
            self::assertStringContainsString('A comma may mark thousands or decimals.', (string) $answer->json('faults.0.message'), $table);
        }
        foreach (["where;quantity;value\nS;eave;5,445\nS;ridge;183,5\n" => 5.445, "where;quantity;value\nS;eave;5.445\nS;ridge;183.5\n" => 5.445, "where,quantity,value\nS,eave,5.445\n" => 5.445, "where;quantity;value\nS;eave;5,445 m\n" => 5445 / 25.4] as $table => $inches) {
            self::assertEqualsWithDelta($inches, $this->csv($job, $table)->assertOk()->json('readings.0.reading.value'), 1e-6, $table);
        }
    }

    public function test_words_of_the_screen_in_any_case_and_lines_of_an_old_spreadsheet(): void
    {
        $answer = $this->csv($this->clubroom(), "WHERE,Quantity,Value,Source\rS,Eave to ridge,14' 2,Panel count\rS,LEFT RAKE,14' 1-1/2,LASER\rS,Pitch,8 1/2,\r");
        self::assertSame(200, $answer->status(), (string) $answer->getContent());
        self::assertSame(['eaveToRidge', 'leftRake', 'pitch'], $answer->json('readings.*.reading.quantity'));
        self::assertSame(['count', 'laser', 'tape'], $answer->json('readings.*.reading.source'));
        $fault = $this->csv($this->clubroom(), "where,quantity,value\nS,eave,23 10\n")->assertUnprocessable()->json('faults.0.message');
        self::assertStringContainsString('may be feet and inches, or a fraction half typed', (string) $fault);
    }

    public function test_no_cell_of_a_table_is_a_formula(): void
    {
        $document = json_decode((string) file_get_contents(database_path('demo/clubroom.json')), true);
        $document['roof']['planes'][0]['name'] = '=HYPERLINK("x")';
        $document['roof']['planes'][0]['readings'][0]['time'] = '@SUM(1)';
        $job = $this->own($document);
        $told = '';
        foreach (['pieces.csv', 'cut-list.csv', 'readings.csv'] as $file) {
            foreach (self::table((string) $this->get("/api/jobs/$job->id/files/$file")->assertOk()->getContent()) as $cells) {
                foreach ($cells as $cell) {
                    self::assertDoesNotMatchRegularExpression('/^[=+@\t\r]|^-(?![\d.]+$)/', (string) $cell, $file);
                    $told .= $cell;
                }
            }
        }
        self::assertStringContainsString('\'=HYPERLINK', $told);
        self::assertStringContainsString('\'@SUM', $told);
    }

    public function test_every_bad_line_of_a_table_is_named(): void
    {
        $job = $this->clubroom();
        $faults = $this->csv($job, "where,quantity,value,source,corner\nnowhere,eave,30',tape,\nS,girth,30',tape,\nS,eave,thirty,tape,\nS,eave,30',guess,\nS,pitch,99,tape,\nS,along,3',tape,?\n")->assertUnprocessable()->json('faults');

        self::assertSame(['line 2 where', 'line 3 quantity', 'line 4 value', 'line 5 source', 'line 6 value', 'line 7 corner'], array_column($faults, 'field'));
        self::assertStringContainsString('understood "thirty"', $faults[2]['message']);
        $this->csv($job, "a,b\n1,2\n")->assertUnprocessable()->assertJsonPath('faults.0.field', 'line 1');
    }

    public function test_a_file_is_needed_and_may_not_be_huge(): void
    {
        $job = $this->boathouse();

        $this->postJson("/api/jobs/$job->id/imports/dxf")->assertUnprocessable()->assertJsonValidationErrors('file');
        $this->dxf($job, "0\nSECTION\n", ['unit' => 'furlong'])->assertUnprocessable()->assertJsonValidationErrors('unit');
        $this->dxf($job, str_repeat("999\nremark\n", 600_000))->assertUnprocessable();
    }

    private function boathouse(): Job
    {
        return $this->demo('boathouse');
    }

    private function clubroom(): Job
    {
        return $this->demo('clubroom');
    }

    private function demo(string $name): Job
    {
        return $this->own(json_decode((string) file_get_contents(database_path("demo/$name.json")), true));
    }

    /** @param  array<string, mixed>  $document */
    private function own(array $document): Job
    {
        $member = $this->member();
        $this->actingAs($member);

        return $this->job($member, $document);
    }

    /** @param  array<string, string|array<string, string>>  $answers */
    private function dxf(Job $job, string $text, array $answers = []): TestResponse
    {
        return $this->post("/api/jobs/$job->id/imports/dxf", [...$answers, 'file' => UploadedFile::fake()->createWithContent('roof.dxf', $text)], ['Accept' => 'application/json']);
    }

    private function csv(Job $job, string $text): TestResponse
    {
        return $this->post("/api/jobs/$job->id/imports/readings", ['file' => UploadedFile::fake()->createWithContent('readings.csv', $text)], ['Accept' => 'application/json']);
    }

    /** A bare number on a metric job is degrees in a field, which shows it; in a file it may be the rise, and is asked back. */
    public function test_a_bare_pitch_in_a_metric_jobs_table_is_asked_back(): void
    {
        $document = json_decode((string) file_get_contents(database_path('demo/boathouse.json')), true);
        $job = $this->own([...$document, 'units' => 'metric']);
        $table = static fn (string $pitch): string => "where,quantity,value,source\nhall.N,pitch,$pitch,laser\n";
        self::assertStringContainsString('may be degrees or a rise. Write 6.1° or 6.1 in 12.', (string) json_encode($this->csv($job, $table('6.1'))->assertUnprocessable()->json(), JSON_UNESCAPED_UNICODE));
        foreach (['6.1 in 12' => 6.1, '45°' => 12.0] as $typed => $rise) {
            self::assertEqualsWithDelta($rise, $this->csv($job, $table($typed))->assertOk()->json('checks.0.value'), 1e-6);
        }
    }

    /** @param  array<string, mixed>  $roof */
    private function saveRoof(Job $job, array $roof, array $openings = []): void
    {
        $document = json_decode($job->newest()->document, true);
        $document['roof'] = $roof;
        $document['openings'] = $openings;
        $this->putJson("/api/jobs/$job->id", $document, ['If-Match' => (string) $job->revision])->assertOk();
    }

    /**
     * Bytes changed, dropped, doubled and cut off, the same way every time.
     *
     * @param  callable(string): int  $send
     * @return array<int, int> how often each status came
     */
    private function mangled(string $text, int $times, callable $send): array
    {
        $this->withoutMiddleware(ThrottleRequests::class);
        mt_srand(20);
        $seen = [];
        for ($i = 0; $i < $times; $i++) {
            $bad = $text;
            for ($k = 0; $k <= $i % 4; $k++) {
                $at = mt_rand(0, strlen($bad) - 1);
                $long = mt_rand(1, 30);
                $bad = match (mt_rand(0, 5)) {
                    0 => substr($bad, 0, $at),
                    1 => substr_replace($bad, '', $at, $long),
                    2 => substr_replace($bad, substr($bad, $at, $long), $at, 0),
                    3 => substr_replace($bad, chr(mt_rand(0, 255)), $at, 1),
                    4 => substr_replace($bad, (string) (mt_rand(-9, 99) * 10 ** mt_rand(0, 12)), $at, 2),
                    default => str_replace(substr($bad, $at, 3), substr($bad, mt_rand(0, strlen($bad) - 4), 3), $bad),
                };
                $bad = $bad === '' ? 'x' : $bad;
            }
            $status = $send($bad);
            $seen[$status] = ($seen[$status] ?? 0) + 1;
        }

        return $seen;
    }

    /** @param  list<array{string, list<array{float|int, float|int}>}>  $outlines */
    private static function drawing(array $outlines, string $more = ''): string
    {
        $text = "0\nSECTION\n2\nENTITIES\n";
        foreach ($outlines as [$layer, $corners]) {
            $text .= "0\nLWPOLYLINE\n8\n$layer\n90\n".count($corners)."\n70\n1\n";
            foreach ($corners as [$x, $y]) {
                $text .= "10\n$x\n20\n$y\n";
            }
        }

        return "$text{$more}0\nENDSEC\n0\nEOF\n";
    }
}
