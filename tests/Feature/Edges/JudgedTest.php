<?php

declare(strict_types=1);

namespace Tests\Feature\Edges;

use App\Plans\WholePlan;
use Imbrex\Stations\JobReader;
use Tests\Feature\FeatureTestCase;
use Tests\Support\PdfText;

/** What the judges of the whole roof find is told at the edges, on paper and in the plan. */
final class JudgedTest extends FeatureTestCase
{
    public function test_bare_deck_is_drawn_told_and_takes_the_green_away(): void
    {
        $user = $this->member();
        // A pan of two legs of 3, where panels end at 4.
        $job = $this->job($user, [...self::boathouse(), 'trims' => ['shapes' => ['valley-pan' => ['legs' => [['length' => 3, 'bend' => 143.13], ['length' => 3]]]]]]);
        $slice = $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/edges?pick=valley-hall.S-wing.W")->assertOk();
        self::assertGreaterThanOrEqual(4, count($slice->json('bare')));
        self::assertFalse($slice->json('section.sheds'));
        $told = (string) $slice->json('section.findings.0.message');
        self::assertStringContainsString('bare deck', $told);
        self::assertStringContainsString('valley', $told);
        self::assertSame([false, true], array_map(static fn (string $id): bool => array_column($slice->json('edges'), 'sheds', 'id')[$id], ['valley-hall.S-wing.W', 'eave-hall.N']));
        self::assertStringContainsString('bare deck', implode(' ', array_map(static fn (PdfText $page): string => $page->all(), PdfText::pages((string) $this->actingAs($user)->get("/api/jobs/$job->id/files/edge-book.pdf")->assertOk()->getContent()))));
        $tiles = $this->actingAs($user)->getJson("/api/jobs/$job->id/tiles")->assertOk();
        self::assertSame('to-settle', $tiles->json('edges.state'));
    }

    public function test_the_roof_as_it_ships_is_covered_and_its_plan_says_where_everything_lies(): void
    {
        /** @var array{judged: array<string, list<mixed>>, trims: list<array<string, mixed>>, closures: list<array{length: float, line: list<array{float, float}>}>} $plan */
        $plan = json_decode((string) json_encode(app(WholePlan::class)->of(app(JobReader::class)->plan((string) json_encode(self::boathouse())))), true);
        self::assertSame(['cover' => [], 'fit' => []], $plan['judged']);

        $trims = array_column($plan['trims'], null, 'id');
        $cap = $trims['ridge-hall.S-hall.N.cap'];
        // 6 + 1/4 over its zees, and 3/4 for seams of 1-1/2 at 6 in 12; both free edges take a zee.
        self::assertEqualsWithDelta([7.0, 7.0], array_column($cap['legs'], 'length'), 1e-9);
        self::assertSame(['open', 'open'], array_column($cap['legs'], 'hem'));
        self::assertSame(['hall.S', 'hall.N'], $cap['faces']);
        $first = $cap['pieces'][0];
        self::assertEqualsWithDelta($first['length'], $first['to'] - $first['from'], 1e-9);
        self::assertSame(['hall.S', 'hall.N'], array_column($first['lies'], 'face'));
        // On the face it reaches 7 down the slope.
        $up = array_column($first['lies'][0]['outline'], 1);
        self::assertEqualsWithDelta(7.0, max($up) - min($up), 1e-6);
        foreach ($plan['closures'] as $closure) {
            self::assertEqualsWithDelta($closure['length'], hypot($closure['line'][1][0] - $closure['line'][0][0], $closure['line'][1][1] - $closure['line'][0][1]), 1e-9);
        }
    }

    /** @return array<string, mixed> the demo's */
    private static function boathouse(): array
    {
        return (array) json_decode((string) file_get_contents(base_path('database/demo/boathouse.json')), true);
    }
}
