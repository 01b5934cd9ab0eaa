<?php

declare(strict_types=1);

namespace Tests\Feature\Edges;

use Illuminate\Support\Facades\Artisan;
use Imbrex\Core\Builds\BuildBook;
use Imbrex\Core\Edges\SectionPicture;
use Imbrex\Stations\Edges\Callouts;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Edges\ShippedSections;
use Tests\Feature\FeatureTestCase;
use Tests\Support\PdfText;

/** Builds as a document says them: kept, shown in section, told, refused by name. */
final class EdgesTest extends FeatureTestCase
{
    private const EAVE = 'eave-hall.N';

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function bad(): array
    {
        return [
            'a build there is not' => [['edges' => [self::EAVE => ['build' => 'velvet']]], 'edges.'.self::EAVE.'.build', 'cleat-nose, hooked-drip'],
            'a build of the other family' => [['edges' => [self::EAVE => ['build' => 'screwed-eave']]], 'edges.'.self::EAVE.'.build', 'snap-lock-1.5-16'],
            'a build of another edge' => [['builds' => ['eave' => 'receiver']], 'builds.eave', '(eave)'],
            'a version there is not' => [['edges' => [self::EAVE => ['build' => 'cleat-nose@7']]], 'edges.'.self::EAVE.'.build', 'cleat-nose'],
            'a layer there is not' => [['edges' => [self::EAVE => ['build' => 'hooked-drip', 'order' => ['panel', 'felt']]]], 'edges.'.self::EAVE.'.order[1]', 'drip-trim, membrane'],
            'a layer twice' => [['edges' => [self::EAVE => ['build' => 'hooked-drip', 'order' => ['panel', 'membrane', 'panel']]]], 'edges.'.self::EAVE.'.order[2]', 'each layer'],
            'layers of no build' => [['edges' => [self::EAVE => ['order' => ['panel']]]], 'edges.'.self::EAVE.'.build', 'the build whose layers'],
            'no layer at all' => [['edges' => [self::EAVE => ['build' => 'hooked-drip', 'order' => []]]], 'edges.'.self::EAVE.'.order', 'from 1 to 4 entries'],
            'a spacing of what is not fastened' => [['edges' => [self::EAVE => ['build' => 'hooked-drip', 'spacing' => ['membrane' => 6]]]], 'edges.'.self::EAVE.'.spacing.membrane', 'drip-trim'],
            'a spacing below nothing' => [['edges' => [self::EAVE => ['build' => 'hooked-drip', 'spacing' => ['drip-trim' => -6]]]], 'edges.'.self::EAVE.'.spacing.drip-trim', '-6'],
            'a junction there is not' => [['junctions' => ['attic.1234' => ['order' => ['panel']]]], 'junctions.attic.1234', 'begins with its kind'],
            'a piece a junction has not' => [['junctions' => ['eave-rake.x' => ['order' => ['panel', 'gutter', 'rake-trim']]]], 'junctions.eave-rake.x.order[1]', 'eave-trim, panel, rake-trim'],
            'a piece left out' => [['junctions' => ['eave-rake.x' => ['order' => ['panel', 'rake-trim']]]], 'junctions.eave-rake.x.order', 'from 3 to 3 entries'],
            'a kind of edge there is not' => [['builds' => ['gutter' => 'cleat-nose']], 'builds.gutter', 'eave'],
        ];
    }

    /** @param  array<string, mixed>  $said */
    #[DataProvider('bad')]
    public function test_what_cannot_be_built_is_refused_by_name(array $said, string $field, string $accepted): void
    {
        $answer = (string) $this->begin($this->member(), [...self::boathouse(), ...$said])->assertUnprocessable()->getContent();

        self::assertStringContainsString($field, $answer);
        self::assertStringContainsString($accepted, stripslashes($answer));
    }

    public function test_a_build_is_kept_shown_told_and_carried_to_the_panels(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $slice = fn (string $station, string $pick): array => (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/$station?pick=$pick")->assertOk()->json();
        $usual = $slice('edges', self::EAVE);
        self::assertCount(17, $usual['edges']);
        self::assertNotContains(false, array_column($usual['edges'], 'sheds'));
        self::assertSame(['cleat-nose', 'Hall N: eave', false, true], [$usual['section']['build'], $usual['section']['name'], $usual['section']['adapted'], $usual['section']['sheds']]);
        $long = static fn (array $cuts): float => array_column($cuts['panels'], null, 'id')['hall.N-20']['blank']['long'];
        $before = $long($slice('cuts', 'hall.N-20'));

        $told = $this->save($user, $job->refresh(), [...self::boathouse(), 'builds' => ['ridge' => 'ridge-zee-vented'], 'edges' => [self::EAVE => ['build' => 'hooked-drip@1', 'order' => ['membrane', 'drip-trim', 'panel'], 'spacing' => ['drip-trim' => 8]]]], 1)->assertOk();
        self::assertStringContainsString('kind-built', (string) json_encode($told->json()));
        $job->refresh();
        // A quarter less at the eave, two inches at the vented ridge.
        self::assertEqualsWithDelta($before - 2.25, $long($slice('cuts', 'hall.N-20')), 1e-6);
        $now = $slice('edges', self::EAVE);
        self::assertSame(['hooked-drip', true, false], [$now['section']['build'], $now['section']['adapted'], $now['section']['sheds']]);
        self::assertSame([['edges.reversed', self::EAVE]], array_map(static fn (array $f): array => [$f['code'], $f['where']], $now['findings']));
        self::assertStringContainsString('Hooked drip lies over Membrane', $now['section']['findings'][0]['message']);
        self::assertSame([['key' => 'seam-bead', 'name' => 'Bead in the seam']], $now['section']['left']);
        $tiles = $this->getJson("/api/jobs/$job->id/tiles")->assertOk()->json('edges');
        self::assertSame(['to-settle', 1], [$tiles['state'], $tiles['open']]);
        // Unpicked, or of an edge there is not, the first is shown.
        self::assertSame('eave-hall.S', $slice('edges', 'eave-nowhere')['section']['edge']);
    }

    public function test_a_corner_is_shown_piece_by_piece_and_its_order_kept(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $slice = fn (string $pick): array => (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/edges?pick=".urlencode($pick))->assertOk()->json();
        $all = $slice(self::EAVE)['junctions'];
        self::assertNull($slice(self::EAVE)['junction']);
        self::assertSame(['Foot of a valley 1', 'Foot of a valley 2'], array_column(array_values(array_filter($all, static fn (array $one): bool => $one['kind'] === 'eave-valley')), 'name'));
        $id = array_values(array_filter($all, static fn (array $one): bool => $one['kind'] === 'eave-valley'))[0]['id'];
        $corner = $slice($id)['junction'];
        self::assertSame(['eave-trim', 'eave-trim-far', 'valley-pan', 'panel', 'panel-far'], array_column($corner['pieces'], 'key'));
        self::assertSame([true, false, []], [$corner['sheds'], $corner['adapted'], $corner['findings']]);

        $told = $this->save($user, $job->refresh(), [...self::boathouse(), 'junctions' => [$id => ['order' => ['valley-pan', 'eave-trim', 'eave-trim-far', 'panel', 'panel-far']]]], 1)->assertOk();
        self::assertStringContainsString('junction-ordered', (string) json_encode($told->json()));
        $job->refresh();
        $corner = $slice($id)['junction'];
        self::assertSame([false, true], [$corner['sheds'], $corner['adapted']]);
        self::assertStringContainsString('Eave trim lies over Valley pan', $corner['findings'][0]['message']);
    }

    public function test_the_whole_plan_tells_every_build(): void
    {
        self::assertSame(0, Artisan::call('imbrex:plan', ['file' => base_path('database/demo/boathouse.json')]));
        $plan = json_decode(Artisan::output(), true);
        $ofEdges = array_filter($plan['builds'], static fn (array $build): bool => isset($build['edge']));
        self::assertSame(array_column($ofEdges, 'key', 'edge'), array_column($plan['edges'], 'build', 'id'));
        $corner = array_values(array_filter($plan['builds'], static fn (array $build): bool => $build['key'] === 'low-ridge-slope'))[0];
        self::assertSame(['ridge-wing.E-wing.W', 'valley-hall.S-wing.E', 'valley-hall.S-wing.W'], $corner['edges']);
        self::assertSame(['low-ridge-slope', true], [$corner['key'], $corner['sheds']]);
        self::assertSame(['valley-pan', 'valley-pan-far', 'panel', 'panel-far'], array_column($corner['layers'], 'over', 'key')['ridge-cap']);
        $eave = array_column($plan['builds'], null, 'edge')['eave-hall.S'];
        self::assertSame([1, true], [$eave['version'], $eave['sheds']]);
        $layers = array_column($eave['layers'], null, 'key');
        self::assertSame(['eave-trim', 'membrane', 'tape'], $layers['offset-cleat']['over']);
        self::assertEquals([['pancake', 12], [-1.5, 1]], [[$layers['offset-cleat']['fastener'], $layers['offset-cleat']['spacing']], $layers['offset-cleat']['position']]);
    }

    public function test_the_edge_book_numbers_every_edge_by_its_page(): void
    {
        $user = $this->member();
        $order = ['trim-cleat', 'membrane', 'eave-trim', 'tape', 'offset-cleat', 'panel'];
        $job = $this->job($user, [...self::boathouse(), 'edges' => ['eave-hall.E' => ['build' => 'cleat-nose@1', 'order' => $order]]]);
        $pages = PdfText::pages((string) $this->actingAs($user)->get("/api/jobs/$job->id/files/edge-book.pdf")->assertOk()->getContent());
        // Six eaves alike and one that is not; each corner after the last of its edges.
        $sticks = $pages[13];
        self::assertStringContainsString('Eave trim · 24 sticks', $sticks->all());
        self::assertStringContainsString('Zee · 29 sticks', implode(' ', array_map(static fn (PdfText $page): string => $page->all(), array_slice($pages, 13))));
        $heads = array_map(static fn (PdfText $page): string => $page->said()[0], array_slice($pages, 1, 12));
        self::assertSame(['Cleat nose', 'Cleat nose', 'Hidden cleats', 'Foot of a valley', 'Receiver', 'Low corner, eave and rake', 'Zee', 'Foot of a hip', 'Zee', 'Hips under the ridge', 'Low ridge into a slope', 'Rake under the ridge'], $heads);
        $of = static fn (int $page): int => count(array_keys($pages[0]->said(), (string) $page, true));
        self::assertEqualsCanonicalizing([6, 1], [$of(2), $of(3)]);
        self::assertSame([2, 2, 2, 2, 4, 4, 2, 2, 1, 1], array_map($of, range(4, 13)));
        $wrong = array_values(array_filter($pages, static fn (PdfText $page): bool => str_contains($page->all(), 'Hall E: eave')))[0];
        self::assertStringContainsString('Eave trim lies over Membrane', $wrong->all());
        self::assertStringContainsString('Differs from Cleat nose: Eave trim goes on after Membrane · Left out: Bead in the seam', $wrong->all());
        self::assertStringContainsString('pancake screws every 12″ · 1/2″ in from its edge · first 1″ from the end', $pages[1]->all());
        self::assertStringContainsString('Hooked on the cleat.', $pages[1]->all());
        foreach ($pages as $page) {
            self::assertLessThanOrEqual(612.0, max(array_column($page->texts, 'x')));
        }
    }

    #[DataProvider('builds')]
    public function test_names_beside_a_section_never_touch(string $build): void
    {
        foreach ([4.8, 26.6, 53.1] as $degrees) {
            $section = ShippedSections::of($build, null, $degrees);
            $drawn = SectionPicture::of($section);
            $callouts = Callouts::of($drawn, array_merge(...SectionPicture::solids($section->path)));
            self::assertCount(count($drawn), $callouts->places);
            foreach ([true, false] as $left) {
                $at = array_column(array_filter($callouts->places, static fn (array $place): bool => $place['left'] === $left), 'at');
                $vs = array_column($at, 1);
                sort($vs);
                foreach (array_slice($vs, 1) as $i => $v) {
                    self::assertGreaterThanOrEqual(1.99 * $callouts->letter, $v - $vs[$i], "$build at $degrees");
                }
                self::assertGreaterThan($callouts->bottom, min([INF, ...$vs]));
                self::assertLessThan($callouts->top + $callouts->letter * 20, max([-INF, ...$vs]));
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function builds(): iterable
    {
        foreach (BuildBook::shipped()->all() as $build) {
            yield $build->key => [$build->name()];
        }
    }

    /** @return array<string, mixed> */
    private static function boathouse(): array
    {
        return json_decode((string) file_get_contents(base_path('database/demo/boathouse.json')), true);
    }
}
