<?php

declare(strict_types=1);

namespace Tests\Feature\Edges;

use App\Accounts\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** Layers of one's own and builds of the crew: checked, kept, carried into jobs; metals that eat each other. */
final class OwnBuildsTest extends FeatureTestCase
{
    private const EAVE = 'eave-hall.N';

    private const FELT = ['title' => 'Felt', 'role' => 'membrane', 'on' => 'eave-trim', 'from' => -20, 'to' => -1, 'lap' => 4];

    /** @return array<string, array{array<string, mixed>, string, string}> a layer, the field at fault, what would do */
    public static function bad(): array
    {
        return [
            'on nothing there' => [['on' => 'ridge-cap'], 'on', 'trim, membrane, tape, offset-cleat, panel'],
            'on what does not reach there' => [['on' => 'trim-cleat'], 'on', 'eave-trim, membrane'],
            'turned round' => [['from' => 2, 'to' => -3], 'to', 'past where it begins (2)'],
            'a negative lap' => [['lap' => -1], 'lap', '-1'],
            'far off the section' => [['from' => -60], 'from', '-60'],
            'its row beside it' => [['fastener' => ['kind' => 'nail', 'spacing' => 12, 'at' => 5]], 'fastener.at', '-20'],
            'held by what there is not' => [['fastener' => ['kind' => 'glue', 'spacing' => 12, 'at' => -5]], 'fastener.kind', 'pancake'],
            'of a metal there is not' => [['role' => 'trim', 'metal' => 'tin'], 'metal', 'copper'],
            'no panel of one’s own' => [['role' => 'panel'], 'role', 'membrane'],
            'a name there is no room for' => [['title' => str_repeat('felt ', 6)], 'title', '26'],
            'without a name' => [['title' => ''], 'title', '1'],
        ];
    }

    /** @param  array<string, mixed>  $said */
    #[DataProvider('bad')]
    public function test_a_layer_that_cannot_lie_is_refused_by_name(array $said, string $field, string $accepted): void
    {
        $answer = $this->begin($this->member(), self::with(['build' => 'cleat-nose', 'layers' => ['felt' => [...self::FELT, ...$said]]]))->assertUnprocessable();

        self::assertSame('edges.'.self::EAVE.".layers.felt.$field", $answer->json('faults.0.field'));
        self::assertStringContainsString($accepted, (string) $answer->json('faults.0.message'));
    }

    public function test_layers_that_lie_on_one_another_in_a_ring_are_refused(): void
    {
        $ring = ['felt' => [...self::FELT, 'on' => 'felt-2'], 'felt-2' => [...self::FELT, 'on' => 'felt']];
        $fields = $this->begin($this->member(), self::with(['build' => 'cleat-nose', 'layers' => $ring]))->assertUnprocessable()->json('faults.*.field');
        self::assertSame(['edges.'.self::EAVE.'.layers.felt.on', 'edges.'.self::EAVE.'.layers.felt-2.on'], $fields);
        $clash = $this->begin($this->member(), self::with(['build' => 'cleat-nose', 'layers' => ['membrane' => self::FELT]]))->assertUnprocessable();
        self::assertSame('edges.'.self::EAVE.'.layers.membrane', $clash->json('faults.0.field'));
        $this->begin($this->member(), self::with(['build' => 'cleat-nose', 'layers' => ['felt' => [...self::FELT, 'on' => 'deck']]]))->assertCreated();
    }

    public function test_builds_copied_into_a_job_are_checked(): void
    {
        foreach ([[['from' => 'velvet'], 'from'], [['key' => 'cleat-nose'], 'key'], [['order' => ['panel', 'moss']], 'order[1]'], [['spacing' => ['membrane' => 4]], 'spacing.membrane']] as [$said, $field]) {
            $own = ['key' => 'crew-nose', 'title' => 'Our nose', 'from' => 'cleat-nose@1', ...$said];
            $this->begin($this->member(), [...self::boathouse(), 'catalogue' => ['builds' => [$own]]])->assertUnprocessable()->assertJsonPath('faults.0.field', "catalogue.builds[0].$field");
        }
        // The same build twice cannot be told apart; two versions of it can.
        $own = ['key' => 'crew-nose', 'title' => 'Our nose', 'from' => 'cleat-nose@1'];
        $this->begin($this->member(), [...self::boathouse(), 'catalogue' => ['builds' => [$own, $own]]])->assertUnprocessable()->assertJsonPath('faults.0.field', 'catalogue.builds[1].key');
        $this->begin($this->member(), [...self::boathouse(), 'catalogue' => ['builds' => [$own, [...$own, 'version' => 2]]]])->assertCreated();
    }

    public function test_a_crew_keeps_what_it_changed_and_builds_other_jobs_by_it(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::with(['build' => 'cleat-nose@1', 'layers' => ['felt' => self::FELT], 'spacing' => ['trim-cleat' => 8]]));
        $section = fn (string $of): array => (array) $this->actingAs($user)->getJson("/api/jobs/$of/plan/edges?pick=".self::EAVE)->assertOk()->json('section');
        $here = $section($job->id);
        self::assertSame(['Trim cleat: every 8″ instead of 12″', 'Added: Felt, after Eave trim'], $here['differs']);
        self::assertContains('Felt', array_column($here['layers'], 'name'));
        self::assertTrue($here['sheds']);

        $kept = $this->actingAs($user)->postJson('/api/crew/builds', [...$here['crewBuild'], 'title' => 'Nose on felt'])->assertCreated()->json();
        self::assertSame(['crew-nose-on-felt', 1, 'eave', ['seam', 'cap']], [$kept['definition']['key'], $kept['definition']['version'], $kept['edge'], $kept['fixings']]);
        self::assertSame([$kept], $this->getJson('/api/crew/builds')->assertOk()->json());

        $other = $this->job($user, [...self::boathouse(), 'catalogue' => ['builds' => [$kept['definition']]], 'builds' => ['eave' => 'crew-nose-on-felt@1']]);
        $there = $section($other->id);
        self::assertSame(['Nose on felt', 'Made from Cleat nose; version 1.', false], [$there['title'], $there['why'], $there['adapted']]);
        self::assertSame($here['differs'], $there['differs']);
        self::assertSame(array_column($here['layers'], 'said', 'key'), array_column($there['layers'], 'said', 'key'));
        self::assertEquals($here['crewBuild'], $there['crewBuild'], 'kept again it would be the same');
        self::assertContains('crew-nose-on-felt@1', array_column($there['choices'], 'name'));

        // Changed and kept again it is the next version; the job says that its own is an older one once it has both.
        $next = $this->actingAs($user)->postJson('/api/crew/builds', [...$here['crewBuild'], 'title' => 'Nose on felt', 'spacing' => ['trim-cleat' => 6]])->assertCreated()->json('definition');
        self::assertSame(2, $next['version']);
        $this->save($user, $other->refresh(), [...self::boathouse(), 'catalogue' => ['builds' => [$kept['definition'], $next]], 'builds' => ['eave' => 'crew-nose-on-felt@1']], 1)->assertOk();
        $plan = $this->getJson("/api/jobs/$other->id/plan/edges")->assertOk();
        self::assertSame('Nose on felt', $plan->json('section.title'));
        self::assertStringContainsString('Nose on felt is kept as version 1, as this job was planned; version 2', $plan->json('section.findings.0.message'));

        $this->actingAs($this->member(Role::Installer, $user->crew))->postJson('/api/crew/builds', [...$here['crewBuild'], 'title' => 'Mine'])->assertForbidden();
        $this->actingAs($this->member())->deleteJson("/api/crew/builds/{$kept['id']}")->assertNotFound();
        // What is no number is nobody's build; nor is it anybody's note.
        foreach (['crew/builds/all', 'crew/builds/99999999999999999999', 'crew/tips/all', 'crew/profiles/all'] as $path) {
            $this->actingAs($user)->deleteJson("/api/$path")->assertMethodNotAllowed();
        }
        $this->actingAs($user)->deleteJson("/api/crew/builds/{$kept['id']}")->assertNoContent();
        self::assertSame([], $this->getJson('/api/crew/builds')->json());
    }

    public function test_a_crew_keeps_nothing_that_cannot_be_built(): void
    {
        $user = $this->member();
        $post = fn (array $said) => $this->actingAs($user)->postJson('/api/crew/builds', $said)->assertUnprocessable();
        $post([])->assertJsonPath('faults.0.field', 'catalogue.builds[0].title');
        $post(['title' => 'Air'])->assertJsonPath('faults.0.field', 'catalogue.builds[0].from');
        $post(['title' => 'Air', 'from' => 'cleat-nose@1', 'layers' => ['felt' => [...self::FELT, 'on' => 'sky']]])->assertJsonPath('faults.0.field', 'catalogue.builds[0].layers.felt.on');
        self::assertSame([], $this->getJson('/api/crew/builds')->json());
    }

    public function test_metals_that_eat_each_other_are_said_at_the_edge_and_once_for_the_job(): void
    {
        $user = $this->member();
        $copper = [...self::boathouse(), 'system' => [...self::boathouse()['system'], 'material' => 'copper', 'gauge' => '16 oz'], 'metals' => ['trims' => 'steel']];
        unset($copper['system']['colour']);
        $job = $this->job($user, $copper);
        $slice = $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/edges?pick=".self::EAVE)->assertOk();
        self::assertContains('Panel (copper) lies on Offset cleat (steel): where they touch one eats the other. Make both of one metal, or part them with membrane or tape.', $slice->json('section.contact'));
        $said = array_values(array_filter($slice->json('findings'), static fn (array $f): bool => $f['code'] === 'edges.contact-touch' && str_contains($f['message'], 'Offset cleat (steel)')));
        // Seven eaves and two valleys have one.
        self::assertCount(1, $said);
        self::assertStringContainsString('(at 9 edges)', $said[0]['message']);
        $this->begin($user, [...self::boathouse(), 'metals' => ['trims' => 'tin']])->assertUnprocessable()->assertJsonPath('faults.0.field', 'metals.trims');
    }

    /**
     * @param  array<string, mixed>  $wish
     * @return array<string, mixed>
     */
    private static function with(array $wish): array
    {
        return [...self::boathouse(), 'edges' => [self::EAVE => $wish]];
    }

    /** @return array<string, mixed> */
    private static function boathouse(): array
    {
        return json_decode((string) file_get_contents(base_path('database/demo/boathouse.json')), true);
    }
}
