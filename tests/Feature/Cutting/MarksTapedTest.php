<?php

declare(strict_types=1);

namespace Tests\Feature\Cutting;

use App\Accounts\Role;
use App\Plans\WholePlan;
use Illuminate\Support\Str;
use Imbrex\Stations\JobReader;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** Marks taped on the roof: as they are told, and what the plan and its slices make of them. */
final class MarksTapedTest extends FeatureTestCase
{
    private const VALLEY = 'valley-hall.S-wing.W';

    private const MARK = ['face' => 'hall.S', 'panel' => 'hall.S-28', 'side' => 'long', 'from' => 'T', 'measured' => 170, 'source' => 'tape'];

    public function test_marks_are_carried_saved_told_and_taken_back(): void
    {
        $user = $this->member(Role::Foreman);
        $document = self::boathouse();
        $job = $this->job($user, $document);
        $slice = fn (string $piece): array => [...(array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/cuts")->assertOk()->json(), ...(array) $this->getJson("/api/jobs/$job->id/plan/piece?pick=$piece")->assertOk()->json()];
        $before = $slice('hall.S-29')['card']['back']['lengths'];
        $own = $slice('hall.S-28')['card']['edges'][0];
        self::assertEqualsWithDelta(169.913 - 1.5, $own['reads']['T']['folded']['long'], 0.01, 'the valley hem takes 1-1/2 along the rib');
        self::assertEqualsWithDelta(169.913, $own['reads']['T']['flat']['long'], 0.01);

        $mark = (string) Str::uuid();
        $this->tell($user, $job, [self::taped([...self::MARK, 'measured' => $own['reads']['T']['flat']['long'] + 0.25], ['id' => $mark])])->assertOk();
        $after = $slice('hall.S-29');
        self::assertEqualsWithDelta([$before['long'] + 0.25, $before['short'] + 0.25], [$after['card']['back']['lengths']['long'], $after['card']['back']['lengths']['short']], 1e-6);
        self::assertTrue(collect($after['panels'])->firstWhere('id', 'hall.S-29')['corrected']);
        self::assertFalse(collect($after['panels'])->firstWhere('id', 'hall.S-28')['corrected']);
        $line = $slice('hall.S-28')['card']['edges'][0];
        self::assertSame([[$mark, 'Hall S-28', 'on']], array_map(static fn (array $mark): array => [$mark['id'], $mark['piece'], $mark['way']], $line['marks']));
        self::assertSame(['hall.S-29', 'hall.S-30', 'hall.S-31'], array_column($line['next'], 'id'));
        self::assertStringContainsString('yes', explode("\n", (string) $this->get("/api/jobs/$job->id/files/pieces.csv")->assertOk()->getContent())[29]);
        self::assertSame(1, $job->refresh()->revision, 'what happened is no change of what is described');
        // Where the cleat is snapped follows, also as Layout says it.
        $chalk = fn (): float => collect($this->getJson("/api/jobs/$job->id/plan/layout?pick=hall.S")->assertOk()->json('face.chalk') ?? [])->firstWhere('edge', self::VALLEY)['from'][0];
        $taped = $chalk();

        $this->tell($user, $job, [['kind' => 'corrected', 'subject' => $mark]])->assertOk();
        self::assertEqualsWithDelta($before, $slice('hall.S-29')['card']['back']['lengths'], 1e-9);
        self::assertNotSame($taped, $chalk());
    }

    public function test_what_was_cut_before_a_mark_was_taped_keeps_its_card_also_where_that_is_told_later(): void
    {
        $user = $this->member(Role::Foreman);
        $job = $this->job($user, self::boathouse());
        $long = fn (string $piece): float => $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/piece?pick=$piece")->assertOk()->json('card.back.lengths.long');
        [$drawn, $next] = [$long('hall.S-29'), $long('hall.S-30')];
        $read = $this->getJson("/api/jobs/$job->id/plan/piece?pick=hall.S-28")->json('card.edges.0.reads.T.flat.long');
        $at = static fn (int $minute): string => sprintf('2026-04-02T09:%02d:00Z', $minute);
        $this->tell($user, $job, [self::taped([...self::MARK, 'measured' => $read + 0.25], ['at' => $at(10)])])->assertOk();
        self::assertEqualsWithDelta($drawn + 0.25, $long('hall.S-29'), 1e-6);

        // A phone that had no signal says what it cut ten minutes before, and what it cut after.
        $cut = ['kind' => 'cut', 'said' => ['long' => $drawn, 'short' => 1]];
        $this->tell($user, $job, [[...$cut, 'subject' => 'hall.S-29', 'at' => $at(0)], [...$cut, 'subject' => 'hall.S-30', 'at' => $at(20)]])->assertOk();
        self::assertEqualsWithDelta([$drawn, $next + 0.25], [$long('hall.S-29'), $long('hall.S-30')], 1e-6);
    }

    public function test_the_plan_has_each_edges_line_as_drawn_and_as_taped(): void
    {
        $document = [...self::boathouse(), 'facts' => array_map(static fn (array $fact): array => ['id' => (string) Str::uuid(), 'at' => '2026-04-02T09:00:00Z', ...$fact], [
            self::taped(self::MARK),
            self::taped(['face' => 'wing.W', 'u' => 40, 'v' => 46, 'source' => 'laser']),
            self::taped(['face' => 'hall.S', 'u' => 40, 'v' => 46, 'source' => 'tape'], ['subject' => 'hip-gone']),
        ])];
        $plan = (array) json_decode((string) json_encode(app(WholePlan::class)->of(app(JobReader::class)->plan((string) json_encode($document)))), true);
        self::assertSame([self::VALLEY], array_column($plan['lines'], 'edge'));
        $line = $plan['lines'][0];
        self::assertEqualsWithDelta(41.8103, $line['planned']['angleToRibDegrees']['wing.W'], 1e-4);
        self::assertSame(['hall.S', 'wing.W'], array_keys($line['fitted']['angleToRibDegrees']));
        self::assertSame([['panel' => 'hall.S-28', 'side' => 'long'], ['seam' => 40]], array_map(static fn (array $one): array => array_intersect_key($one, ['panel' => 1, 'side' => 1, 'seam' => 1]), $line['observations']));
        self::assertContains('fit.astray', array_column($plan['findings'], 'code'));
    }

    public function test_sheets_that_no_longer_serve_are_named_where_they_are_cut(): void
    {
        $user = $this->member();
        $document = [...self::boathouse(), 'rules' => ['cut.pairs' => 'apart', 'order.extra' => 0, 'order.step' => 0.25]];
        $job = $this->job($user, $document);
        $this->actingAs($user)->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"1"'])->assertCreated()->assertJsonPath('serves', []);
        $card = $this->getJson("/api/jobs/$job->id/plan/piece?pick=hall.S-28")->json('card.edges.0.reads.T.flat.long');
        $this->tell($user, $job, [self::taped([...self::MARK, 'measured' => $card + 1.5, 'before' => []])])->assertOk();
        $serves = $this->getJson("/api/jobs/$job->id/orders")->assertJsonPath('0.changed', true)->json('0.serves');
        $own = collect($serves)->first(static fn (array $one): bool => $one['pieces'][0] === 'hall.S-29');
        // Its longest edge, outside the female leg, was 152.44, ordered at 152-1/2; now it takes 153.94, and whoever orders rounds up.
        self::assertSame('block', $own['severity']);
        self::assertStringContainsString('Hall S-29: needs 154″ now, its sheet was ordered at 152 1/2″, 1 1/2″ too short', $own['text']);
        // Of the same plan, but not of what is there now: ordered again, it is another order.
        $this->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"1"'])->assertCreated()->assertJsonPath('number', 2);
        $this->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"1"'])->assertOk()->assertJsonPath('number', 2);
        self::assertSame([], array_filter($serves, static fn (array $one): bool => in_array('hall.N-20', $one['pieces'], true)));
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function badMarks(): array
    {
        $seam = ['face' => 'hall.S', 'source' => 'tape'];

        return [
            'no end hooked' => [array_diff_key(self::MARK, ['from' => 1]), 'facts[0].said.from', 'panel, side, from, measured'],
            'half a point' => [[...$seam, 'u' => 4], 'facts[0].said.v', 'u, v'],
            'neither panel nor seam' => [$seam, 'facts[0].said.u', 'u, v'],
            'both' => [[...self::MARK, 'u' => 4], 'facts[0].said.u', 'no such field beside panel, side, from, measured, hems'],
            'an amount without its way' => [[...array_diff_key(self::MARK, ['measured' => 1]), 'card' => 100, 'amount' => 0.125], 'facts[0].said.toward', 'card, toward, amount'],
            'longer than any roof' => [[...self::MARK, 'measured' => 13000], 'facts[0].said.measured', '12000'],
            'a source nobody knows' => [[...self::MARK, 'source' => 'eye'], 'facts[0].said.source', 'tape'],
            'a field nobody knows' => [[...self::MARK, 'temperature' => 70], 'facts[0].said.temperature', 'known are'],
        ];
    }

    /** @param  array<string, mixed>  $mark */
    #[DataProvider('badMarks')]
    public function test_marks_that_make_no_sense_are_said(array $mark, string $field, string $said): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $facts = [['kind' => 'set', 'subject' => 'hall.S-1'], self::taped($mark)];
        foreach ([$this->tell($user, $job, [$facts[1]]), $this->tell($user, $job, array_reverse($facts))] as $answer) {
            $content = (string) $answer->assertUnprocessable()->getContent();
            self::assertStringContainsString($field, $content);
            self::assertStringContainsString($said, $content);
        }
        $this->getJson("/api/jobs/$job->id/facts")->assertJsonPath('facts', []);
    }

    public function test_more_marks_than_an_edge_needs_are_refused_by_number(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $content = (string) $this->tell($user, $job, array_fill(0, 200, self::taped(self::MARK)))->assertUnprocessable()->getContent();
        self::assertStringContainsString('facts: understood 200; accepted: about', str_replace('\u00a0', ' ', $content));
        $this->tell($user, $job, array_fill(0, 501, self::taped(self::MARK)))->assertUnprocessable()->assertJsonPath('faults.0.field', 'facts');
    }

    /**
     * @param  array<string, mixed>  $said
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function taped(array $said, array $more = []): array
    {
        return ['kind' => 'taped', 'subject' => self::VALLEY, 'said' => $said, ...$more];
    }

    /** @return array<string, mixed> */
    private static function boathouse(): array
    {
        return (array) json_decode((string) file_get_contents(base_path('database/demo/boathouse.json')), true);
    }
}
