<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Role;
use App\Contracts\PlanContract;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Imbrex\Stations\Station;
use Imbrex\Stations\Stations;
use Opis\JsonSchema\Validator;

final class PlanTest extends FeatureTestCase
{
    /** As it was last worked, until it is worked again: a list of jobs waits for no plan. */
    public function test_a_list_of_jobs_comes_with_the_pictures_that_were_worked_before(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $touched = $this->actingAs($user)->getJson('/api/jobs')->assertJsonPath('0.card', null)->json('0.savedAt');
        $this->travel(1)->hours();
        $card = $this->getJson("/api/jobs/$job->id/card")->assertOk()->json();
        $this->getJson('/api/jobs')->assertJsonPath('0.card', $card)->assertJsonPath('0.savedAt', $touched);

        $this->save($user, $job, self::document(['name' => 'Other']), 1)->assertOk();
        $this->getJson('/api/jobs')->assertJsonPath('0.name', 'Other')->assertJsonPath('0.card', $card);
        $this->getJson("/api/jobs/$job->id/card?revision=1")->assertOk();
        DB::table('jobs')->update(['card' => 'card/0 {"of": "another programme"}']);
        $this->getJson('/api/jobs')->assertJsonPath('0.card', null);
    }

    public function test_slices_keep_their_contract(): void
    {
        $user = $this->member();
        $demo = static fn (string $name): array => json_decode((string) file_get_contents(database_path("demo/$name.json")), true);
        $empty = self::document(['roof' => ['planes' => [['id' => 'P1', 'name' => 'New']]], 'layout' => new \stdClass]);
        foreach ([self::document(), $demo('oar-store'), $demo('clubroom'), $demo('boathouse'), $demo('oar-store-screw-down'), $demo('annex'), $empty] as $document) {
            $job = $this->job($user, $document);
            foreach (app(Stations::class)->all() as $station) {
                foreach (array_keys($station->slices()) as $slice) {
                    $answer = $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/$slice")->assertOk();
                    $this->assertKeeps(Str::camel($slice).'Slice', (string) $answer->getContent());
                }
            }
            $tiles = (array) json_decode((string) $this->getJson("/api/jobs/$job->id/tiles")->assertOk()->getContent());
            $screens = array_filter(app(Stations::class)->all(), static fn (Station $station): bool => $station->slices() !== []);
            self::assertSame(array_map(static fn (Station $station): string => $station->key(), array_values($screens)), array_keys($tiles));
            foreach ($tiles as $key => $tile) {
                $this->assertKeeps(Str::camel($key).'Tile', (string) json_encode($tile));
            }
        }
    }

    public function test_slices_are_cached_by_tag(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $tag = (string) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/layout")->headers->get('ETag');
        $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/layout", ['If-None-Match' => $tag])->assertStatus(304);
        $this->save($user, $job, self::document(['layout' => ['P1' => ['nudge' => 1]]]), 1);
        $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/layout", ['If-None-Match' => $tag])->assertOk()->assertJsonPath('face.layout.leftRip', 11);
        $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/layout?revision=1")->assertOk()->assertJsonPath('face.layout.leftRip', 10);
    }

    public function test_a_piece_is_picked_and_strange_picks_are_refused_or_ignored(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/piece?pick=P1-32")->assertOk()->assertJsonPath('card.back.panel', 'P1-32')->assertJsonPath('card.back.width', 11.875);
        $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/piece?pick=P1-99")->assertOk()->assertJsonPath('card.back.panel', 'P1-1');
        $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/piece?pick=".urlencode('<script>'))->assertUnprocessable();
        $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/piece?pick[]=a")->assertUnprocessable();
        $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/kitchen")->assertNotFound();
        $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/cuts?revision=7")->assertNotFound();
    }

    public function test_the_cut_list_as_csv(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $lines = self::table((string) $this->actingAs($user)->get("/api/jobs/$job->id/files/cut-list.csv")->assertOk()->getContent());
        $row = array_combine($lines[0], $lines[1]);

        self::assertCount(2, $lines);
        self::assertSame(['32', '218.5', '18′ 2 1/2″', 'female-left', '2'], [$row['quantity'], $row['length_in'], $row['length'], $row['hand'], $row['ripped']]);
        self::assertCount(32, explode(' ', $row['panels']));
    }

    public function test_sheets_are_printed(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::document(['name' => '<b>Oar & store</b>']));
        foreach (['cut-list.pdf', 'cut-cards.pdf'] as $file) {
            $answer = $this->actingAs($user)->get("/api/jobs/$job->id/files/$file")->assertOk();
            self::assertStringStartsWith('%PDF-', (string) $answer->getContent());
            self::assertSame('application/pdf', $answer->headers->get('Content-Type'));
            self::assertStringNotContainsString('<', (string) $answer->headers->get('Content-Disposition'));
        }
    }

    public function test_an_exported_job_read_back_gives_the_identical_plan(): void
    {
        $user = $this->member();
        foreach (['oar-store', 'clubroom', 'oar-store-screw-down', 'boathouse', 'annex'] as $name) {
            $job = $this->job($user, json_decode((string) file_get_contents(database_path("demo/$name.json")), true));
            $file = (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/job.json")->assertOk()->getContent();
            $copy = $this->begin($this->member(), $file)->assertCreated()->json('id');
            foreach (['survey', 'layout', 'cuts', 'edges', 'load-out'] as $station) {
                $copied = $this->getJson("/api/jobs/$copy/plan/$station")->assertOk()->getContent();
                self::assertSame($this->actingAs($user)->getJson("/api/jobs/$job->id/plan/$station")->getContent(), $copied);
                $this->actingAs(\App\Models\User::query()->latest('id')->firstOrFail());
            }
        }
    }

    public function test_a_blocked_plan_is_not_released(): void
    {
        $user = $this->member(Role::Owner);
        $low = $this->job($user, self::document(['roof' => ['planes' => [self::plane(['riseIn12' => 1])]]]));
        $wheel = self::plane(['readings' => [['id' => 'a', 'quantity' => 'eave', 'value' => 500, 'source' => 'wheel'], ['id' => 'b', 'quantity' => 'eaveToRidge', 'value' => 214, 'source' => 'wheel']]]);
        unset($wheel['outline'], $wheel['edges']);
        $wheeled = $this->job($user, self::document(['roof' => ['planes' => [$wheel]]]));
        foreach ([$low, $wheeled] as $job) {
            $this->actingAs($user)->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"1"'])->assertConflict();
            $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/load-out")->assertJsonPath('mayBeOrdered', false);
        }
    }

    public function test_the_plan_command(): void
    {
        self::assertSame(0, Artisan::call('imbrex:plan', ['file' => base_path('docs/examples/oar-store.json')]));
        $output = Artisan::output();
        $plan = json_decode($output, true);

        $this->assertKeeps(null, $output);
        self::assertSame(['P1', 32, 31], [$plan['faces'][0]['id'], count($plan['panels']), count($plan['seams'])]);
        self::assertEqualsWithDelta(500 * 214.375 / 144, $plan['faces'][0]['areaSquareFeet'], 1e-9);
        self::assertEquals([10, 26, 217.375, 219.5, null], [$plan['panels'][1]['left'], $plan['panels'][1]['right'], $plan['panels'][1]['long'], $plan['panels'][1]['orderLength'], $plan['panels'][1]['rip']]);
        self::assertEquals(['face' => 'P1', 'u' => 10], $plan['seams'][0]);
    }

    public function test_the_rules_command_gives_every_rule_its_reason(): void
    {
        Artisan::call('imbrex:rules', ['--json' => true]);
        $rules = json_decode(Artisan::output(), true);

        self::assertContains('order.extra', array_column($rules, 'key'));
        foreach ($rules as $rule) {
            self::assertSame(['key', 'unit', 'default', 'range', 'reason'], array_keys($rule));
            self::assertGreaterThan(15, strlen($rule['reason']), $rule['key']);
        }
    }

    private function assertKeeps(?string $definition, string $json): void
    {
        $schema = PlanContract::schema();
        if ($definition !== null) {
            $schema = (object) ['$schema' => $schema->{'$schema'}, '$ref' => "#/\$defs/$definition", '$defs' => $schema->{'$defs'}];
        }
        $error = (new Validator)->validate(json_decode($json), $schema)->error();
        $leaf = $error;
        while ($leaf !== null && $leaf->subErrors() !== []) {
            $leaf = $leaf->subErrors()[0];
        }
        self::assertNull($error, $leaf === null ? '' : "$definition: ".implode('.', $leaf->data()->fullPath()).' '.$leaf->message().' '.json_encode($leaf->args()));
    }
}
