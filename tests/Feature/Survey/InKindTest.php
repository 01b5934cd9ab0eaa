<?php

declare(strict_types=1);

namespace Tests\Feature\Survey;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** Replacement in kind over HTTP: where the tape touched, counts with a rest, what is replaced, the habit in all. */
final class InKindTest extends FeatureTestCase
{
    private const TAPED = ['id' => 'r1', 'quantity' => 'eaveToRidge', 'value' => 171, 'source' => 'tape', 'low' => 'old-panel'];

    private const COUNTED = ['id' => 'r2', 'quantity' => 'eave', 'panels' => 40, 'cover' => 14, 'rest' => 9.5, 'source' => 'count', 'typed' => '40 × 14 + 9 1/2'];

    public function test_the_survey_says_what_the_tape_lay_on_and_what_the_habit_leaves(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::inKind([self::TAPED, self::COUNTED]));
        $plane = $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/survey")->assertOk()->json('planes.0');
        self::assertSame([170, 171], [$plane['adoptions']['eaveToRidge']['value'], $plane['adoptions']['eaveToRidge']['comparisons'][0]['taped']]);
        self::assertSame([569.5, 2.5], [$plane['adoptions']['eave']['value'], $plane['adoptions']['eave']['comparisons'][0]['tolerance']]);
        self::assertSame('41 old panels of 14″, seams 1 1/2″; 36 new ones of 16″.', $plane['old']);
        $inAll = collect($plane['extras'])->firstWhere('school', 'in-all');
        self::assertSame([true, 1], [$inAll['chosen'], $inAll['extra']]);
        self::assertSame('2″ on the taped length: the tape has what reaches past the eave in it, 1″ hemmed. Leaves 1″ to spare.', $inAll['inAll']);
        $this->getJson("/api/jobs/$job->id/plan/load-out")->assertJsonPath('order.lines.0.length', 173);

        // To the deck's edge the same tape leaves nothing, and that is said.
        $job = $this->job($user, self::inKind([[...self::TAPED, 'low' => 'deck'], self::COUNTED]));
        $plane = $this->getJson("/api/jobs/$job->id/plan/survey")->json('planes.0');
        self::assertSame('2″ on the taped length: 1″ past the eave, 1″ hemmed. Leaves nothing to spare.', collect($plane['extras'])->firstWhere('school', 'in-all')['inAll']);
        self::assertContains('cut.nothing-to-spare', array_column((array) $this->getJson("/api/jobs/$job->id/plan/load-out")->assertJsonPath('order.lines.0.length', 173)->json('findings'), 'code'));
    }

    public function test_a_table_of_readings_says_it_too_and_is_read_again(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::inKind([self::TAPED, self::COUNTED]));
        $rows = self::table((string) $this->actingAs($user)->get("/api/jobs/$job->id/files/readings.csv")->assertOk()->getContent());
        self::assertSame([['eaveToRidge', '171 in', 'old-panel'], ['eave', '569.5 in', '']], array_map(static fn (array $row): array => [$row[1], $row[2], $row[8]], array_slice($rows, 1)));
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function badReadings(): array
    {
        return [
            'an eave taped to an old panel' => [['id' => 'r3', 'quantity' => 'eave', 'value' => 500, 'source' => 'tape', 'low' => 'old-panel'], 'readings[2].low', 'only a length from eave to ridge'],
            'a place nobody knows' => [[...self::TAPED, 'id' => 'r3', 'low' => 'gutter'], 'readings[2].low', 'old-panel'],
            'a rest wider than any panel' => [[...self::COUNTED, 'id' => 'r3', 'rest' => 400], 'readings[2].rest', '120'],
        ];
    }

    /** @param  array<string, mixed>  $reading */
    #[DataProvider('badReadings')]
    public function test_what_makes_no_sense_is_said(array $reading, string $field, string $said): void
    {
        $content = (string) $this->begin($this->member(), self::inKind([self::TAPED, self::COUNTED, $reading]))->assertUnprocessable()->getContent();
        self::assertStringContainsString($field, $content);
        self::assertStringContainsString($said, $content);
    }

    /**
     * @param  list<array<string, mixed>>  $readings
     * @return array<string, mixed>
     */
    private static function inKind(array $readings): array
    {
        return self::document([
            'roof' => ['planes' => [['id' => 'P1', 'name' => 'Shed plane', 'riseIn12' => 4, 'edges' => ['eave', 'rake', 'ridge', 'rake'], 'old' => ['cover' => 14, 'seamHeight' => 1.5], 'readings' => $readings]]],
            'rules' => ['order.school' => 'in-all'],
        ]);
    }
}
