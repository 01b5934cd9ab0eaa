<?php

declare(strict_types=1);

namespace Tests\Feature\Roof;

use App\Models\Job;
use Tests\Feature\FeatureTestCase;

/** What the Roof and Survey stations are told of a whole building. */
final class RoofSliceTest extends FeatureTestCase
{
    public function test_faces_stand_in_the_air_and_walls_under_them(): void
    {
        $roof = $this->slice($this->demo('boathouse'), 'roof');
        $faces = collect($roof['faces'])->keyBy('id');

        // The hall's ridge: eave height 108 and 180 of run at 6 in 12.
        self::assertEqualsWithDelta(198.0, max(array_column($faces['hall.S']['loops'][0], 2)), 1e-9);
        self::assertEqualsWithDelta(101.0, min(array_column($faces['hall.S']['loops'][0], 2)), 1e-9, 'the overhang hangs lower');
        $gable = collect($roof['walls'])->where('block', 'wing')->firstWhere('side', 'south');
        self::assertEqualsWithDelta([108.0, 162.0, 108.0], array_column($gable['top'], 2), 1e-9);
        self::assertNull(collect($roof['walls'])->where('block', 'wing')->firstWhere('side', 'north'), 'it stands inside the hall');
        self::assertSame('hall', $faces['hall.S']['block']);
    }

    public function test_the_picture_has_seams_pieces_and_openings_on_their_faces(): void
    {
        $space = $this->slice($this->demo('clubroom'), 'space');
        self::assertSame(['material' => 'steel', 'colour' => null], $space['metal']);
        self::assertSame(1.5, $space['rise']);
        $faces = collect($space['faces'])->keyBy('id');
        self::assertSame(['Chimney'], array_values(array_intersect(array_column($faces['N']['openings'], 'name'), ['Chimney'])));
        self::assertCount(29, $faces['N']['panels'], '27 strips, one parted by the chimney and one by its cricket');
        // Seams stop at what comes through: the one that meets the chimney has a stretch below it and one above.
        $places = array_count_values(array_map(static fn (array $seam): string => sprintf('%.1f', $seam[0][0]), $faces['N']['seams']));
        self::assertContains(2, $places);
        foreach ($faces['N']['seams'] as [$from, $to]) {
            // Straight up a slope of 6 in 12 or whatever it is: the same rise over the same run.
            $rise[] = round(($to[2] - $from[2]) / hypot($to[0] - $from[0], $to[1] - $from[1]), 2);
        }
        self::assertCount(1, array_unique($rise ?? []));
    }

    public function test_the_colour_of_the_metal_is_chosen_and_told(): void
    {
        $coloured = static fn (string $colour): callable => static fn (array $document): array => array_replace_recursive($document, ['system' => ['colour' => $colour]]);
        self::assertSame('charcoal', $this->slice($this->demo('boathouse', $coloured('charcoal')), 'space')['metal']['colour']);
        self::assertSame('red', $this->slice($this->demo('boathouse', $coloured('red')), 'layout')['system']['colour']);
        $this->begin($this->member(), self::document(['system' => ['colour' => 'sparkling']]))->assertUnprocessable()->assertJsonPath('faults.0.field', 'system.colour');
    }

    public function test_checks_come_with_what_was_expected(): void
    {
        $checks = collect($this->slice($this->demo('boathouse'), 'roof')['checks'])->keyBy('id');

        self::assertEqualsWithDelta(183.0, $checks['c1']['expected'], 1e-9);
        self::assertTrue($checks['c1']['agrees']);
        self::assertEqualsWithDelta(0.1, $checks['c3']['miss'], 1e-9);
        self::assertSame(['length', 'eaveToRidge', 'pitch', 'eaveHeight', 'length'], $checks->pluck('quantity')->all());
    }

    public function test_progress_counts_the_whole_building(): void
    {
        $taped = $this->slice($this->demo('boathouse'), 'survey')['progress'];
        $rough = $this->slice($this->demo('boathouse', static function (array $document): array {
            $document['roof']['blocks'][1]['source'] = 'report';

            return $document;
        }), 'survey')['progress'];
        $clubroom = $this->slice($this->demo('clubroom', static function (array $document): array {
            $document['roof']['planes'][3]['readings'] = [];

            return $document;
        }), 'survey')['progress'];

        self::assertSame(['planes' => 6, 'wanting' => [], 'missing' => []], $taped);
        self::assertSame(['wing.E'], $rough['wanting'], 'the taped valley serves the other side of the wing');
        self::assertSame(['planes' => 5, 'wanting' => [], 'missing' => ['PE']], $clubroom);
    }

    public function test_an_order_waits_for_a_tape_on_rough_blocks(): void
    {
        $job = $this->demo('boathouse', static function (array $document): array {
            $document['roof']['blocks'][0]['source'] = 'wheel';
            $document['roof']['checks'] = [];

            return $document;
        });
        $loadOut = $this->slice($job, 'load-out');

        self::assertFalse($loadOut['mayBeOrdered']);
        self::assertCount(4, array_filter($loadOut['findings'], static fn (array $f): bool => $f['code'] === 'roof.untaped'));
    }

    public function test_what_comes_from_drawings_is_not_called_taped(): void
    {
        $job = $this->demo('boathouse', static function (array $document): array {
            unset($document['roof']['blocks'][0]['source']);
            $document['roof']['checks'] = [['id' => 'c1', 'quantity' => 'eaveToRidge', 'where' => 'hall.S', 'value' => 200, 'source' => 'tape']];

            return $document;
        });
        $loadOut = $this->slice($job, 'load-out');
        $told = array_values(array_filter($loadOut['findings'], static fn (array $f): bool => $f['code'] === 'roof.from-drawings'));

        self::assertSame(['hall.E', 'hall.N', 'hall.W'], array_column($told, 'where'), 'the taped face is spared');
        self::assertSame(['settle', 'settle', 'settle'], array_column($told, 'severity'));
        self::assertTrue($loadOut['mayBeOrdered'], 'it is said, and the person decides');
        self::assertEqualsCanonicalizing(['hall.E', 'hall.N', 'hall.W'], $this->slice($job, 'survey')['progress']['wanting']);
    }

    public function test_a_card_of_a_valley_piece_is_measured_from_its_head(): void
    {
        $card = $this->slice($this->demo('boathouse'), 'piece', 'wing.W-3')['card']['back'];

        self::assertTrue($card['fromHead']);
        // Inside to outside 16-1/4, on 6 in 12.
        self::assertEqualsWithDelta(16.25 * sqrt(1.25), $card['lengths']['long'] - $card['lengths']['short'], 1e-3);
        self::assertEqualsWithDelta(16.25, $card['lengths']['between'], 1e-3);
        self::assertContains('valley-hem', array_column($card['marks'], 'name'));
        $pdf = (string) $this->get('/api/jobs/'.$this->demo('boathouse')->id.'/files/cut-cards.pdf')->assertOk()->getContent();
        self::assertStringStartsWith('%PDF', $pdf);
    }

    public function test_layouts_of_faces_wait_while_blocks_move(): void
    {
        $job = $this->demo('boathouse', static fn (array $document): array => [...$document, 'layout' => ['hall.S' => ['start' => 'one-end'], 'wing.W7' => ['start' => 'balanced', 'pinned' => true]]]);

        self::assertSame('one-end', $this->slice($job, 'layout', 'hall.S')['face']['layout']['start']);
        $document = json_decode($job->newest()->document, true);
        $document['layout'] = ['shed.S' => ['start' => 'balanced']];
        $this->putJson("/api/jobs/$job->id", $document, ['If-Match' => '1'])->assertUnprocessable()->assertJsonPath('faults.0.field', 'layout.shed.S');
    }

    /** @param  (callable(array<string, mixed>): array<string, mixed>)|null  $change */
    private function demo(string $name, ?callable $change = null): Job
    {
        $member = $this->member();
        $this->actingAs($member);
        $document = json_decode((string) file_get_contents(database_path("demo/$name.json")), true);

        return $this->job($member, $change === null ? $document : $change($document));
    }

    /** @return array<string, mixed> */
    private function slice(Job $job, string $station, string $pick = ''): array
    {
        return $this->getJson("/api/jobs/$job->id/plan/$station".($pick === '' ? '' : "?pick=$pick"))->assertOk()->json();
    }
}
