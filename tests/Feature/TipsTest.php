<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Role;
use App\Models\CrewTip;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\PdfText;

/** Notes of a crew, pinned where they act. */
final class TipsTest extends FeatureTestCase
{
    private const TIP = ['place' => 'edge:eave', 'text' => 'Tap the hem twice, <b>then</b> once.', 'inPrint' => true];

    public function test_a_note_is_the_crews_own_and_taken_down_by_any_planner(): void
    {
        $user = $this->member(Role::Foreman);
        $id = $this->actingAs($user)->postJson('/api/crew/tips', self::TIP)->assertCreated()->assertJsonPath('author', $user->name)->json('id');
        $this->getJson('/api/crew/tips')->assertJsonCount(1)->assertJsonPath('0.text', self::TIP['text']);
        // Another crew neither reads it nor takes it down.
        $stranger = $this->member(Role::Owner);
        $this->actingAs($stranger)->getJson('/api/crew/tips')->assertJsonCount(0);
        $this->deleteJson("/api/crew/tips/$id")->assertNotFound();
        $this->actingAs($this->member(Role::Estimator, $user->crew))->deleteJson("/api/crew/tips/$id")->assertNoContent();
        self::assertSame(0, CrewTip::query()->where('crew_id', $user->crew_id)->count());
    }

    public function test_it_stands_on_the_cards_of_the_pieces_it_acts_on_where_it_is_wanted(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $this->actingAs($user);
        $cards = fn (): string => (string) preg_replace('/\s+/u', ' ', implode(' ', array_map(static fn (PdfText $page): string => $page->all(), PdfText::pages((string) $this->get("/api/jobs/$job->id/files/cut-cards.pdf")->assertOk()->getContent()))));
        $places = (array) $this->getJson("/api/jobs/$job->id/plan/piece?pick=P1-5")->json('card.places');
        self::assertSame(['step:cuts', 'profile:snap-lock-1.5-16', 'edge:ridge', 'edge:eave'], $places);
        self::assertStringNotContainsString('Tap the hem', $cards());
        $this->postJson('/api/crew/tips', [...self::TIP, 'inPrint' => false])->assertCreated();
        $this->postJson('/api/crew/tips', ['place' => 'edge:valley', 'text' => 'Valleys first.', 'inPrint' => true])->assertCreated();
        self::assertStringNotContainsString('Tap the hem', $cards());
        $this->postJson('/api/crew/tips', self::TIP)->assertCreated();
        // At once, in their own words, and not as anything else than text.
        self::assertStringContainsString('Tap the hem twice, <b>then</b> once.', $cards());
        self::assertStringNotContainsString('Valleys first', $cards());
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function bad(): array
    {
        return [
            'nowhere' => [['place' => 'roof'], 'place'], 'a step nobody has' => [['place' => 'step:lunch'], 'place'], 'no such edge' => [['place' => 'edge:brim'], 'place'],
            'a list for a place' => [['place' => ['step:cuts']], 'place'], 'nothing said' => [['text' => ''], 'text'], 'a book' => [['text' => str_repeat('x', 281)], 'text'], 'perhaps' => [['inPrint' => 'perhaps'], 'inPrint'],
        ];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('bad')]
    public function test_what_makes_no_sense_is_said(array $change, string $field): void
    {
        $this->actingAs($this->member())->postJson('/api/crew/tips', [...self::TIP, ...$change])->assertUnprocessable()->assertJsonValidationErrors($field);
    }

    public function test_there_are_not_more_than_one_can_mind(): void
    {
        $user = $this->member();
        $user->crew()->firstOrFail()->tips()->createMany(array_fill(0, CrewTip::MOST, ['place' => 'step:cuts', 'text' => 'x', 'author_name' => 'x']));
        $this->actingAs($user)->postJson('/api/crew/tips', self::TIP)->assertConflict();
    }
}
