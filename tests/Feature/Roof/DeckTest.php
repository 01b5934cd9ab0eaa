<?php

declare(strict_types=1);

namespace Tests\Feature\Roof;

use Tests\Feature\FeatureTestCase;

/** What a face's panels lie on, as the document says it. */
final class DeckTest extends FeatureTestCase
{
    public function test_a_deck_is_kept_told_and_read(): void
    {
        $user = $this->member();
        $skylight = ['id' => 'o1', 'face' => 'P1', 'kind' => 'skylight', 'name' => 'Loft light', 'u' => 100, 'v' => 60, 'width' => 24, 'height' => 46];
        $job = $this->job($user, self::document(['openings' => [$skylight]]));
        $this->actingAs($user);
        $this->save($user, $job, self::document(['openings' => [$skylight], 'decks' => ['P1' => ['kind' => 'battens', 'spacing' => 16]]]), 1)->assertOk();

        self::assertSame(['deck-said'], $this->getJson("/api/jobs/$job->id/revisions")->json('0.change.*.code'));
        $findings = $this->getJson("/api/jobs/$job->id/plan/roof")->assertOk()->json('findings');
        self::assertContains('Loft light on Shed plane stands on battens: it wants deck round it. Fill in before it is set.', array_column($findings, 'message'));

        $this->save($user, $job, self::document(['openings' => [[...$skylight, 'flashing' => 'panel-metal']], 'decks' => ['P1' => ['kind' => 'plywood']]]), 2)->assertOk();
        self::assertNotContains('roof.skylight-deck', array_column($this->getJson("/api/jobs/$job->id/plan/roof")->json('findings'), 'code'));
    }

    public function test_the_catalogue_says_which_decks_have_a_spacing(): void
    {
        $decks = $this->actingAs($this->member())->getJson('/api/catalogue')->assertOk()->json('decks');

        self::assertSame(
            ['plywood' => false, 'strandboard' => false, 'boards' => false, 'battens' => true, 'purlins' => true, 'shingles' => true],
            array_column($decks, 'spaced', 'key'),
        );
    }

    public function test_what_makes_no_sense_is_named(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        foreach ([
            ['decks.P1.kind', ['P1' => ['kind' => 'slate', 'spacing' => 4]]],
            ['decks.P1.spacing', ['P1' => ['kind' => 'plywood', 'spacing' => 16]]],
            ['decks.P1.spacing', ['P1' => ['kind' => 'purlins', 'spacing' => 0]]],
            ['decks.P1.kind', ['P1' => ['spacing' => 24]]],
        ] as [$field, $decks]) {
            $response = $this->save($user, $job, self::document(['decks' => $decks]), 1)->assertUnprocessable();
            self::assertContains($field, array_column($response->json('faults'), 'field'), (string) json_encode($decks));
        }
    }
}
