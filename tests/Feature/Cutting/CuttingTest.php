<?php

declare(strict_types=1);

namespace Tests\Feature\Cutting;

use App\Accounts\Role;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Layout\LayoutSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** Openings, first fits, pairs and the files of the bench, over HTTP. */
final class CuttingTest extends FeatureTestCase
{
    private const VALLEY = 'valley-hall.S-wing.W';

    public function test_what_the_plan_adds_keeps_its_contract(): void
    {
        $plan = $this->planOf(self::boathouse());
        $south = $plan['layouts'][0];

        // Named after its largest face: the hall's end, for the wing takes of the south.
        self::assertSame(['hall.E', 'found', 'centre-pan'], [$south['group'], $south['choice'], $south['school']]);
        self::assertGreaterThanOrEqual(0.0, $south['offset']);
        self::assertLessThan(16.0, $south['offset']);
        self::assertContains('seams-meet-some', array_column($south['reasons'], 'code'));
        self::assertEqualsWithDelta($plan['groups'][0]['score']['total'], array_sum($plan['groups'][0]['score']['points']), 1e-6);
        self::assertSame(6.5, $plan['chalk'][0]['offset']);
        self::assertEqualsWithDelta(array_sum(array_column($plan['pairing']['pairs'], 'saved')), $plan['pairing']['savedInches'], 1e-6);
        $byId = array_column($plan['panels'], null, 'id');
        foreach ($plan['pairing']['pairs'] as $pair) {
            self::assertSame($pair['upper'], $byId[$pair['lower']]['pairedWith']);
            self::assertSame($pair['lower'], $byId[$pair['upper']]['pairedWith']);
        }
        foreach ($plan['groups'] as $group) {
            foreach ($group['ties'] as $tie) {
                self::assertSame($tie['meets'], $tie['miss'] < 1 / 64, $tie['edge']);
            }
        }
    }

    public function test_openings_part_panels_and_the_pieces_know_each_other(): void
    {
        $document = self::document(['openings' => [
            ['id' => 'a', 'face' => 'P1', 'kind' => 'chimney', 'name' => 'Stack', 'u' => 200, 'v' => 80, 'width' => 40, 'height' => 30],
            ['id' => 'b', 'face' => 'P1', 'kind' => 'pipe', 'u' => 50, 'v' => 50, 'diameter' => 3],
            ['id' => 'c', 'face' => 'P1', 'kind' => 'skylight', 'outline' => [[300, 60], [324, 60], [324, 106], [300, 106]], 'below' => 2],
        ]]);
        $plan = $this->planOf($document);
        $split = array_values(array_filter($plan['panels'], static fn (array $p): bool => count($p['pieces']) > 1));

        self::assertSame(['Stack', 'b', 'c'], array_column($plan['faces'][0]['openings'], 'name'));
        self::assertNotSame([], $split);
        foreach ($split as $panel) {
            self::assertContains($panel['id'], $panel['pieces']);
        }
    }

    /** @return array<string, array{array<string, mixed>, string, string}> an opening, the field at fault, what is said */
    public static function badOpenings(): array
    {
        return [
            'a pipe without a size' => [['id' => 'a', 'face' => 'P1', 'kind' => 'pipe', 'u' => 5, 'v' => 5], 'openings[0].diameter', 'it must be given'],
            'a curb without a place' => [['id' => 'a', 'face' => 'P1', 'kind' => 'curb', 'width' => 5, 'height' => 5], 'openings[0].u', 'it must be given'],
            'a kind there is not' => [['id' => 'a', 'face' => 'P1', 'kind' => 'window', 'u' => 5, 'v' => 5], 'openings[0].kind', 'one of'],
            'a clockwise outline' => [['id' => 'a', 'face' => 'P1', 'kind' => 'curb', 'outline' => [[0, 0], [0, 5], [5, 5], [5, 0]]], 'openings[0].outline', 'counter-clockwise'],
            'crossing sides' => [['id' => 'a', 'face' => 'P1', 'kind' => 'curb', 'outline' => [[0, 0], [5, 5], [5, 0], [0, 5]]], 'openings[0].outline', 'do not cross'],
            'a size beyond all roofs' => [['id' => 'a', 'face' => 'P1', 'kind' => 'pipe', 'u' => 5, 'v' => 5, 'diameter' => 9000], 'openings[0].diameter', 'from 0.25 to 1200'],
        ];
    }

    /** @param  array<string, mixed>  $opening */
    #[DataProvider('badOpenings')]
    public function test_openings_that_make_no_sense_are_said(array $opening, string $field, string $said): void
    {
        $answer = $this->begin($this->member(), (string) json_encode(self::document(['openings' => [$opening]])))->assertUnprocessable();

        self::assertStringContainsString($field, (string) $answer->getContent());
        self::assertStringContainsString($said, (string) $answer->getContent());
    }

    public function test_an_id_used_twice_is_said(): void
    {
        $pipe = ['id' => 'a', 'face' => 'P1', 'kind' => 'pipe', 'u' => 50, 'v' => 50, 'diameter' => 3];
        $fit = ['id' => 'c', 'face' => 'P1', 'edge' => 'x', 'panel' => 'P1-1', 'side' => 'long', 'toward' => 'uphill', 'amount' => 0.5];

        self::assertStringContainsString('openings[1].id', (string) $this->begin($this->member(), (string) json_encode(self::document(['openings' => [$pipe, $pipe]])))->assertUnprocessable()->getContent());
        self::assertStringContainsString('cutting.corrections[1].id', (string) $this->begin($this->member(), (string) json_encode(self::document(['cutting' => ['corrections' => [$fit, $fit]]])))->assertUnprocessable()->getContent());
    }

    public function test_a_first_fit_is_carried_saved_told_and_taken_back(): void
    {
        $user = $this->member(Role::Foreman);
        $document = self::boathouse();
        $job = $this->job($user, $document);
        $slice = fn (string $piece): array => [...(array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/cuts")->assertOk()->json(), ...(array) $this->getJson("/api/jobs/$job->id/plan/piece?pick=$piece")->assertOk()->json()];
        $pieces = array_values(array_filter(array_column($slice('hall.S-1')['panels'], 'id'), fn (string $id): bool => str_starts_with($id, 'hall.S-') && in_array(self::VALLEY, array_column($slice($id)['card']['edges'], 'id'), true)));
        [$trial, $next] = [$pieces[2], $pieces[3]];
        $before = $slice($next)['card']['back']['lengths'];
        $fitted = [...$document, 'cutting' => [
            'corrections' => [['id' => 'c1', 'face' => 'hall.S', 'edge' => self::VALLEY, 'panel' => $trial, 'side' => 'long', 'toward' => 'downhill', 'amount' => 0.125, 'before' => [$trial]]],
        ]];
        $this->save($user, $job, $fitted, 1)->assertOk();
        $this->tell($user, $job, [['kind' => 'cut', 'subject' => $trial, 'said' => ['long' => 1, 'short' => 1]]])->assertOk();
        $after = $slice($next);

        self::assertEqualsWithDelta($before['long'] + 0.125, $after['card']['back']['lengths']['long'], 0.004);
        self::assertSame(['c1'], array_column($after['card']['corrections'], 'id'));
        self::assertSame([], $slice($trial)['card']['corrections']);
        self::assertContains('log.panels-otherwise', array_column($after['findings'], 'code'), 'cut by another card than it has');
        $told = $this->getJson("/api/jobs/$job->id/revisions")->json('0.change.*.code');
        self::assertSame(['fit-added'], $told);
        $this->save($user, $job, $document, 2)->assertOk();
        self::assertEqualsWithDelta($before, $slice($next)['card']['back']['lengths'], 1e-9);
    }

    public function test_pieces_as_csv_in_order_of_laying(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $lines = self::table((string) $this->actingAs($user)->get("/api/jobs/$job->id/files/pieces.csv")->assertOk()->getContent());
        $rows = array_map(static fn (array $line): array => array_combine($lines[0], $line), array_slice($lines, 1));

        self::assertSame(['Hall S', '1', 'hall.S-1'], [$rows[0]['face'], $rows[0]['laid'], $rows[0]['panel']]);
        self::assertCount(177, $rows);
        $valley = array_values(array_filter($rows, static fn (array $r): bool => $r['measured_from'] === 'T' && abs((float) $r['between_in'] - 16.25) < 0.01))[1];
        self::assertEqualsWithDelta(16.25, (float) $valley['between_in'], 0.001);
        self::assertEqualsWithDelta(16.25 * sqrt(1.25), (float) $valley['long_side_in'] - (float) $valley['short_side_in'], 0.001);
    }

    public function test_flat_blanks_as_drawings_in_layers(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $all = (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/blanks.svg")->assertOk()->getContent();
        $one = simplexml_load_string((string) $this->get("/api/jobs/$job->id/files/blanks.svg?pick=hall.S-29")->assertOk()->getContent());
        self::assertNotFalse($one);
        self::assertNotFalse(simplexml_load_string($all));
        self::assertGreaterThan(100, substr_count($all, 'class="cut"'));
        self::assertSame(['cut', 'bend', 'notch'], array_map(static fn ($g): string => (string) $g['class'], iterator_to_array($one->g->g, false)));
        // In rows a browser can draw: 30 000 px are 312.5 in; nothing lies on anything.
        self::assertSame(1, preg_match('/width="([\d.]+)in" height="([\d.]+)in"/', $all, $page));
        self::assertLessThan(312.5, (float) $page[1]);
        self::assertGreaterThan(1_000.0, (float) $page[2]);
        // One unit is an inch: the page is as wide as the coil.
        self::assertSame('20.0000in', (string) $one['width']);
        $dxf = (string) $this->get("/api/jobs/$job->id/files/blanks.dxf?pick=hall.S-29")->assertOk()->getContent();
        self::assertSame(1, substr_count($dxf, 'POLYLINE'));
        self::assertStringContainsString('BEND', $dxf);
        preg_match_all('/LAYER\r\n2\r\n(\w+)\r\n70\r\n0\r\n62\r\n(\d+)/', $dxf, $coloured);
        self::assertSame(count($coloured[1]), count(array_unique($coloured[2])), 'a colour a layer');
        self::assertGreaterThan(3, count($coloured[1]));
        $this->getJson("/api/jobs/$job->id/files/blanks.svg?pick=".urlencode('<x>'))->assertUnprocessable();
    }

    public function test_a_drawing_declares_its_layers_and_the_letters_of_its_names(): void
    {
        $user = $this->member();
        $document = self::document(['system' => ['profile' => 'rib-9-36']]);
        $document['roof']['planes'][0]['name'] = 'Überdach Ω';
        $job = $this->job($user, $document);
        $dxf = (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/blanks.dxf")->assertOk()->getContent();
        $pairs = array_map(null, ...[array_values(array_filter(explode("\r\n", trim($dxf)), static fn (int $i): bool => $i % 2 === 0, ARRAY_FILTER_USE_KEY)), array_values(array_filter(explode("\r\n", trim($dxf)), static fn (int $i): bool => $i % 2 === 1, ARRAY_FILTER_USE_KEY))]);
        $declared = [];
        $used = [];
        foreach ($pairs as $i => [$code, $value]) {
            if ($code === '0' && $value === 'LAYER') {
                $declared[] = $pairs[$i + 1][1];
            } elseif ($code === '8') {
                $used[$value] = true;
            }
        }
        self::assertSame([], array_diff(array_keys($used), $declared));
        self::assertStringContainsString('ANSI_1252', $dxf);
        // As wide as it is formed, and the drawing says so.
        self::assertStringContainsString('as formed', $dxf);
        self::assertStringContainsString('as formed', (string) $this->get("/api/jobs/$job->id/files/blanks.svg")->getContent());
        self::assertFalse($this->getJson("/api/jobs/$job->id/plan/cuts")->json('blanksLieFlat'));
        $roof = (string) $this->get("/api/jobs/$job->id/files/roof.dxf")->assertOk()->getContent();
        self::assertStringContainsString("\xDCberdach \\U+03A9", $roof);
    }

    public function test_the_notch_template_is_full_size(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $pdf = (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/notch-template.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        $drawn = self::streams($pdf);

        // 6 in are 432 points, 3 in 216, 100 mm 283.46.
        self::assertMatchesRegularExpression('/ 432\.0+ /', $drawn);
        self::assertMatchesRegularExpression('/ 216\.0+ /', $drawn);
        self::assertMatchesRegularExpression('/ 283\.46\d* /', $drawn);
        $screwed = $this->job($user, self::document(['system' => ['profile' => 'rib-9-36']]));
        $this->get("/api/jobs/$screwed->id/files/notch-template.pdf")->assertNotFound();
        $unhemmed = $this->job($user, self::document(['rules' => ['edge.eave.concealed.hem' => 0]]));
        // What cannot be had is not offered.
        self::assertContains('notch-template.pdf', $this->getJson("/api/jobs/$job->id/files")->json());
        foreach ([$screwed, $unhemmed] as $without) {
            self::assertNotContains('notch-template.pdf', $this->getJson("/api/jobs/$without->id/files")->assertOk()->json());
            self::assertContains('blanks.dxf', $this->getJson("/api/jobs/$without->id/files")->json());
        }
    }

    public function test_pieces_are_called_by_their_blocks_name_also_after_it_changed(): void
    {
        $user = $this->member();
        $document = self::boathouse();
        $job = $this->job($user, $document);
        $document['roof']['blocks'][0]['name'] = 'Great hall';
        $this->save($user, $job, $document, 1)->assertOk();
        $this->tell($user, $job, [['kind' => 'cut', 'subject' => 'hall.S-29', 'said' => ['long' => 152, 'short' => 133]]])->assertOk();

        $slice = [...(array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/cuts")->assertOk()->json(), ...(array) $this->getJson("/api/jobs/$job->id/plan/piece?pick=hall.S-29")->assertOk()->json()];
        $piece = array_values(array_filter($slice['panels'], static fn (array $p): bool => $p['id'] === 'hall.S-29'))[0];
        self::assertSame('Great hall S-29', $piece['name']);
        self::assertStringStartsWith('Great hall ', $piece['pairedName']);
        self::assertStringContainsString($piece['pairedName'], $slice['card']['sheet']);
        self::assertStringContainsString('Great hall', implode(' ', $this->getJson("/api/jobs/$job->id/plan/load-out")->json('ranges')));
        foreach (['pieces.csv', 'blanks.svg'] as $file) {
            self::assertStringContainsString('Great hall S-', (string) $this->get("/api/jobs/$job->id/files/$file")->assertOk()->getContent());
        }
    }

    public function test_the_layout_sheet_has_marks_to_either_side(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        self::assertStringStartsWith('%PDF-', (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/layout.pdf")->assertOk()->getContent());
        $plan = $this->plan(self::boathouse());
        $face = $plan->of(RoofStage::class)->roof->faces[0];
        $marks = app(LayoutSheet::class)->marksOf($plan, $face);
        $control = $plan->of(LayoutStage::class)->layouts[$face->id]->control;
        $right = array_values(array_filter($marks, static fn (array $m): bool => $m['u'] > $control));
        $left = array_values(array_filter($marks, static fn (array $m): bool => $m['u'] < $control));

        self::assertSame('Hall S', $face->name);
        // A pan on the centre line: seams 8 in to each side, then every 16.
        self::assertSame(['8″', '2′ 0″', '3′ 4″'], array_column(array_slice($right, 0, 3), 'at'));
        self::assertSame(['3′ 4″', '2′ 0″', '8″'], array_column(array_slice($left, -3), 'at'));
    }

    public function test_running_marks_of_every_face(): void
    {
        $user = $this->member();
        $job = $this->job($user, json_decode((string) file_get_contents(database_path('demo/clubroom.json')), true));
        $marks = $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/marks")->assertOk()->json();
        $rows = [...$marks['faces'][0]['left'], ...$marks['faces'][0]['right']];
        $met = array_filter(array_column($rows, 'head'), static fn (?array $m): bool => $m !== null && $m['across'] === 'Yard side');

        self::assertFalse($marks['bothWays']);
        self::assertGreaterThan(20, count($met));
        self::assertLessThan(1 / 64, max(array_column($met, 'miss')));
        $middle = $this->getJson("/api/jobs/$job->id/plan/marks?pick=middle")->assertOk()->json('faces.0');
        // 27 panels of 16 have seams at 208 and 224, as far from the middle of 432: the left one is counted from.
        self::assertEqualsWithDelta(208.0, $middle['control'], 0.1);
        // The middle seam itself is where one begins: nobody calls it.
        self::assertCount(count($rows) - 1, [...$middle['left'], ...$middle['right']]);
        self::assertEqualsWithDelta(192.0, max(array_column($middle['left'], 'distance')), 0.1);
    }

    /** @return array<string, mixed> */
    private static function boathouse(): array
    {
        return json_decode((string) file_get_contents(database_path('demo/boathouse.json')), true);
    }

    /** @param  array<string, mixed>  $document */
    private function plan(array $document): Plan
    {
        return app(JobReader::class)->plan((string) json_encode($document));
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed> as bin/imbrex plan prints it
     */
    private function planOf(array $document): array
    {
        return json_decode((string) json_encode(app(\App\Plans\WholePlan::class)->of($this->plan($document))), true);
    }

    /** What a PDF draws, unpacked. */
    private static function streams(string $pdf): string
    {
        preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $found);

        return implode("\n", array_map(static fn (string $stream): string => (string) (@gzuncompress($stream) ?: ''), $found[1]));
    }
}
