<?php

declare(strict_types=1);

namespace Tests\Feature\Edges;

use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;
use Tests\Support\PdfText;

/** Trims as a document says them: told in the plan, shown as sticks, written as CSV, refused by name. */
final class TrimsTest extends FeatureTestCase
{
    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function bad(): array
    {
        $legs = [['length' => 3, 'bend' => 90], ['length' => 4]];

        return [
            'a shape there is not' => [['laps' => ['gutter' => 4]], 'trims.laps.gutter', 'eave-trim'],
            'a lap longer than a piece' => [['laps' => ['ridge-cap' => 14]], 'trims.laps.ridge-cap', '12'],
            'a lap below nothing' => [['laps' => ['ridge-cap' => -2]], 'trims.laps.ridge-cap', '-2'],
            'stock shorter than two feet' => [['stocks' => ['ridge-cap' => [120, 20]]], 'trims.stocks.ridge-cap[1]', '24'],
            'no stock' => [['stocks' => ['ridge-cap' => []]], 'trims.stocks.ridge-cap', '1'],
            'a school there is not' => [['schools' => ['ridge-cap' => 'thrifty']], 'trims.schools.ridge-cap', 'balanced'],
            'wider than the sheet' => [['shapes' => ['ridge-cap' => ['legs' => [['length' => 24, 'bend' => 90], ['length' => 24, 'bend' => 90], ['length' => 2]]]]], 'trims.shapes.ridge-cap.legs', '48'],
            'a hem deeper than its leg' => [['shapes' => ['ridge-cap' => ['legs' => [['length' => 0.5, 'bend' => 90], ['length' => 4]], 'low' => ['length' => 0.75]]]], 'trims.shapes.ridge-cap.low.length', '0.5'],
            'a bend that is none' => [['shapes' => ['ridge-cap' => ['legs' => [['length' => 3], ['length' => 4]]]]], 'trims.shapes.ridge-cap.legs[0].bend', 'the angle'],
            'a bend after the last leg' => [['shapes' => ['ridge-cap' => ['legs' => [['length' => 3, 'bend' => 90], ['length' => 4, 'bend' => 90]]]]], 'trims.shapes.ridge-cap.legs[1].bend', 'nothing'],
            'legs that cross' => [['shapes' => ['ridge-cap' => ['legs' => [['length' => 4, 'bend' => 60], ['length' => 2, 'bend' => 60], ['length' => 6]]]]], 'trims.shapes.ridge-cap.legs', 'do not cross'],
            'a bend no brake makes' => [['shapes' => ['ridge-cap' => ['legs' => [['length' => 3, 'bend' => 10], ['length' => 4]]]]], 'trims.shapes.ridge-cap.legs[0].bend', '20'],
            'a plumb leg there is not' => [['shapes' => ['eave-trim' => ['legs' => $legs, 'plumb' => 2]]], 'trims.shapes.eave-trim.plumb', 'from 0 to 1'],
            'a fit beyond the end' => [['fits' => ['eave-trim' => ['round-rake' => ['low' => -3, 'high' => 0]]]], 'trims.fits.eave-trim.round-rake.low', '-2'],
            'an end there is not' => [['fits' => ['eave-trim' => ['scalloped' => ['low' => 0, 'high' => 0]]]], 'trims.fits.eave-trim.scalloped', 'round-rake'],
            'a leg of nothing' => [['shapes' => ['ridge-cap' => ['legs' => [['length' => 0, 'bend' => 90], ...array_slice($legs, 1)]]]], 'trims.shapes.ridge-cap.legs[0].length', '0'],
        ];
    }

    /** @param  array<string, mixed>  $said */
    #[DataProvider('bad')]
    public function test_what_cannot_be_made_is_refused_by_name(array $said, string $field, string $accepted): void
    {
        $answer = $this->begin($this->member(), [...self::boathouse(), 'trims' => $said])->assertUnprocessable();

        self::assertSame($field, $answer->json('faults.0.field'));
        self::assertStringContainsString($accepted, (string) $answer->json('faults.0.message'));
    }

    public function test_the_whole_plan_tells_trims_sticks_bounds_and_closures(): void
    {
        self::assertSame(0, Artisan::call('imbrex:plan', ['file' => base_path('database/demo/boathouse.json')]));
        $plan = json_decode(Artisan::output(), true);
        $trims = array_column($plan['trims'], null, 'id');
        $eave = $trims['eave-hall.N.eave-trim'];
        self::assertEquals(['eave-trim', 'eave-hall.N', 8.25], [$eave['kind'], $eave['edge'], $eave['girth']]);
        self::assertEqualsWithDelta([135.0, 116.56505117707799], $eave['bendsDegrees'], 1e-6);
        // 700, longer than the eaves it meets and so with a tab of one at both corners: seven pieces with laps of 6.
        $end = (700.0 + 2.0 + 6 * 6.0 - 5 * 120.0) / 2.0;
        self::assertEqualsWithDelta([$end, 120, 120, 120, 120, 120, $end], array_column($eave['pieces'], 'length'), 1e-9);
        $kinds = static fn (int $piece): array => [$eave['pieces'][$piece]['ends']['low']['kind'], $eave['pieces'][$piece]['ends']['high']['kind']];
        self::assertSame([['corner-tab', 'lap-under'], ['lap-over', 'corner-tab']], [$kinds(0), $kinds(6)]);
        // The foot of a valley pan between equal roofs of 6 in 12, and the rakes' mitre.
        $foot = $trims['valley-hall.S-wing.E.valley-pan']['pieces'][0]['ends']['low'];
        self::assertEqualsWithDelta(48.189685104221404, $foot['toLineDegrees'][0], 1e-6);
        self::assertEqualsWithDelta(26.56505117707799, max($trims['rake-wing.W.rake-trim']['pieces'][1]['ends']['high']['fromSquareDegrees']), 1e-6);
        self::assertEquals([6, 114], $eave['pieces'][1]['marks']);
        $used = array_count_values(array_column($plan['sticks'], 'kind'));
        foreach ($plan['stickBounds'] as $bound) {
            self::assertSame([$used[$bound['kind']], true], [$bound['used'], $bound['proven']], $bound['kind']);
        }
        self::assertEquals(array_column($plan['stickBounds'], 'used', 'kind'), $used);
        foreach ($plan['sticks'] as $stick) {
            self::assertEqualsWithDelta($stick['stock'], array_sum($stick['lengths']) + $stick['offcut'], 1e-6);
        }
        $ridge = array_values(array_filter($plan['closures'], static fn (array $one): bool => $one['edge'] === 'ridge-hall.S-hall.N' && $one['face'] === 'hall.S'));
        self::assertEqualsWithDelta(15.375, $ridge[3]['length'], 1e-9);
    }

    public function test_sticks_are_shown_and_follow_what_is_said_of_them(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $slice = fn (string $pick): array => (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/sticks?pick=$pick")->assertOk()->json();
        $usual = $slice('eave-hall.N');
        self::assertSame(['Eave trim', 'Hall N: eave', '7 pieces, laps 6″'], [$usual['run']['name'], $usual['run']['edgeName'], $usual['run']['said']]);
        self::assertSame(['Trim cleat', 'Eave trim', 'Offset cleat'], array_column($usual['runs'], 'name'));
        self::assertSame('6 pieces, butted, 3/16″ left open', $slice('eave-hall.N.trim-cleat')['run']['said']);
        $lot = static fn (array $slice): array => array_column($slice['lots'], null, 'shape')['eave-trim'];
        self::assertSame([['balanced', true], ['full-first', false], ['equal', false]], array_map(static fn (array $one): array => [$one['key'], $one['chosen']], $lot($usual)['schools']));
        $promised = array_column($lot($usual)['schools'], 'sticks', 'key')['full-first'];

        $told = $this->save($user, $job->refresh(), [...self::boathouse(), 'trims' => ['schools' => ['eave-trim' => 'full-first'], 'laps' => ['eave-trim' => 4], 'stocks' => ['trim-cleat' => [126]]]], 1)->assertOk();
        self::assertStringContainsString('trims-made', (string) json_encode($told->json()));
        $job->refresh();
        $now = $slice('eave-hall.N');
        self::assertSame('7 pieces, laps 4″', $now['run']['said']);
        self::assertSame([120, 120, 120, 120, 120, 102, 24], array_map(intval(...), array_column($now['run']['pieces'], 'length')), 'what would be 6 takes from the piece before it');
        self::assertLessThanOrEqual($promised, $lot($now)['used']);
        self::assertEquals([126], array_column($now['lots'], null, 'shape')['trim-cleat']['stocks']);
        // The sketch is the trim's at this eave.
        self::assertEquals([0.75, 3, 4], array_column($now['run']['sketch']['legs'], 'length'));
        self::assertEquals([135, 116.6], array_column($now['run']['sketch']['bends'], 'degrees'));
        self::assertEquals([0.5, 1.25, 4.25], $now['run']['sketch']['lines']);
        // Of an edge there is not, the first is shown.
        self::assertSame('Hall S: eave 1', $slice('eave-nowhere')['run']['edgeName']);
    }

    public function test_ends_are_cards_with_marks_from_the_end(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $slice = fn (string $pick): array => (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/ends?pick=$pick")->assertOk()->json();
        $rake = $slice('rake-wing.W');
        // What bears marks is asked for first, not the receiver behind it.
        self::assertSame(['Rake trim', 'Wing W: rake'], [$rake['run']['name'], $rake['run']['edgeName']]);
        self::assertSame(['Nose folded shut at the eave', 'Under the next length', 'Mitre cut to the line'], array_column($rake['cards'], 'short'));
        $mitre = $rake['cards'][2];
        self::assertSame(['right end, colour up, low edge down', 'Cut at 19.5° from square (70.5° to the bends), 26.6° from square (63.4° to the bends).'], [$mitre['side'], $mitre['angles']]);
        self::assertEqualsWithDelta([[0, 2], [0.5, 2.1768], [1, 2], [5, 0]], array_map(static fn (array $mark): array => [$mark['across'], $mark['at']], $mitre['marks']), 1e-3);
        self::assertSame(['left', 'right'], [$mitre['back']['end'], $mitre['colour']['end']]);
        self::assertSame(['low edge, hem', 'high edge, hem'], [$mitre['low'], $mitre['high']]);

        // Cut, then tried: it stays, and the next is cut longer.
        $piece = $mitre['pieces'][0]['id'];
        $this->tell($user, $job, [['kind' => 'cut', 'subject' => $piece, 'said' => ['length' => $mitre['pieces'][0]['length'], 'as' => $mitre['pieces'][0]['as']]]])->assertOk();
        self::assertSame(['rake-wing.W.rake-trim.high'], $slice('rake-wing.W')['cards'][2]['done']);
        $fit = ['low' => 0.25, 'high' => 0];
        $this->save($user, $job->refresh(), [...self::boathouse(), 'trims' => ['fits' => ['rake-trim' => ['nose-fold' => $fit, 'mitre-cut' => [...$fit, 'but' => ['rake-wing.W.rake-trim.high']]]]]], 1)->assertOk();
        $now = $slice('rake-wing.W')['cards'];
        self::assertEquals($fit, $now[0]['fit']);
        self::assertEqualsWithDelta(1.25 - 0.25 + 0.25 * (1.0 - 2.25 / 7.5), $now[0]['marks'][0]['at'], 1e-6, 'the nose reaches furthest where it is cut at 45 degrees, and is longer there in proportion');
        self::assertEqualsWithDelta(2.0, $now[2]['marks'][0]['at'], 1e-6);
    }

    public function test_ends_flats_and_sketches_leave_as_files(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $file = fn (string $name): string => (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/$name")->assertOk()->getContent();
        $said = static fn (string $pdf): string => implode(' ', array_merge(...array_map(static fn (PdfText $page): array => array_column($page->texts, 'text'), PdfText::pages($pdf))));
        $cards = $said($file('end-cards.pdf'));
        self::assertStringContainsString('Valley pan: past the eaves, hemmed', $cards);
        self::assertStringContainsString('Cut at 41.8° from square (48.2° to the bends).', $cards);
        self::assertStringContainsString('8 3/4', $cards);
        // Full size: what is wider than the paper is not among them.
        $templates = $said($file('end-templates.pdf'));
        self::assertStringContainsString('Rake trim: mitre with a tab', $templates);
        self::assertStringNotContainsString('Valley pan', $templates);
        // They go into the edge book, too.
        self::assertStringContainsString('Valley pan: past the eaves, hemmed', $said($file('edge-book.pdf')));

        $flats = $file('trim-flats.dxf');
        self::assertSame([true, true], [str_contains($flats, "\r\nCUT\r\n"), str_contains($flats, "\r\nBEND\r\n")]);
        self::assertStringContainsString('rake-wing.W.rake-trim.2', $flats);
        self::assertMatchesRegularExpression('/BEND\r\n 10\r\n5\b|BEND\r\n10\r\n5\b/', $file('trim-sketches.dxf'), 'the bend between face and top, 5 from the low edge');
        $svg = simplexml_load_string($file('trim-sketches.svg'));
        self::assertNotFalse($svg);
        self::assertGreaterThan(8, count($svg->g));
        self::assertStringContainsString('Rake trim', (string) $svg->asXML());
    }

    public function test_the_pieces_are_written_as_csv(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $csv = (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/trim-pieces.csv")->assertOk()->getContent();
        $rows = array_map(static fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\n", trim(str_replace("\r", '', $csv))));
        $head = array_map(static fn (?string $one): string => ltrim((string) $one, "\u{FEFF}"), array_shift($rows) ?? []);
        $rows = array_map(static fn (array $row): array => array_combine($head, $row), $rows);
        $piece = array_column($rows, null, 'piece')['eave-hall.N.eave-trim.2'];
        self::assertSame(['Eave trim', 'Hall N: eave', '120', '6 114', '8.25', '135 116.57', 'steel'], [$piece['trim'], $piece['edge'], $piece['length_in'], $piece['marks_in'], $piece['girth_in'], $piece['bends_deg'], $piece['metal']]);
        $zees = array_values(array_filter($rows, static fn (array $row): bool => $row['trim'] === 'Zee'));
        self::assertNotSame([], $zees);
        self::assertNotSame('', $zees[0]['edge']);
        // What lies in one stick goes into it.
        $sticks = [];
        foreach ($rows as $row) {
            $sticks[$row['stick']] = ($sticks[$row['stick']] ?? 0.0) + (float) $row['length_in'];
        }
        self::assertLessThanOrEqual(120.001, max($sticks));
    }

    /** @return array<string, mixed> */
    private static function boathouse(): array
    {
        return json_decode((string) file_get_contents(base_path('database/demo/boathouse.json')), true);
    }
}
