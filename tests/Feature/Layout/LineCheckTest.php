<?php

declare(strict_types=1);

namespace Tests\Feature\Layout;

use Tests\Feature\FeatureTestCase;

/** A snapped line held against the eave, over HTTP. */
final class LineCheckTest extends FeatureTestCase
{
    private const CHECK = ['at' => 100, 'toward' => 'right', 'along' => 360, 'up' => 200];

    public function test_what_must_be_read_what_was_and_which_way_to_move(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::document(['lineChecks' => ['P1' => self::CHECK]]));
        $face = fn (): mixed => $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/layout?pick=P1")->assertOk()->json('face');
        self::assertEqualsWithDelta(hypot(360, 200), $face()['check']['must'], 1e-9);
        self::assertNull($face()['check']['said']);
        self::assertCount(2, $face()['triangles']);
        $this->save($user, $job, self::document(['lineChecks' => ['P1' => [...self::CHECK, 'read' => 411]]]), 1)->assertOk();
        $this->getJson("/api/jobs/$job->id/plan/layout?pick=P1")->assertJsonPath('face.check.said.state', 'leans')->assertJsonFragment(['code' => 'layout.line-leans']);
        self::assertSame(['line-checked'], $this->getJson("/api/jobs/$job->id/revisions")->json('0.change.*.code'));
    }

    public function test_legs_that_cannot_close_are_named(): void
    {
        $content = (string) $this->begin($this->member(), self::document(['lineChecks' => ['P1' => [...self::CHECK, 'read' => 600]]]))->assertUnprocessable()->getContent();
        self::assertStringContainsString('lineChecks.P1.read', $content);
        self::assertStringContainsString('160 and under 560', $content);
        self::assertStringContainsString('lineChecks.P1.along', (string) $this->begin($this->member(), self::document(['lineChecks' => ['P1' => [...self::CHECK, 'along' => 2]]]))->assertUnprocessable()->getContent());
    }
}
