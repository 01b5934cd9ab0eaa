<?php

declare(strict_types=1);

namespace Tests\Feature\Openings;

use Illuminate\Support\Facades\Artisan;
use Tests\Feature\FeatureTestCase;
use Tests\Support\PdfText;

/** What surrounds what comes through a roof, over HTTP and on paper. */
final class OpeningsTest extends FeatureTestCase
{
    public function test_the_clubrooms_chimney_has_its_cricket(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::demo('clubroom'));
        $slice = (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/openings?pick=o3")->assertOk()->json();
        self::assertSame(['Skylight west', 'Skylight east', 'Chimney', 'Soil pipe', 'Stove pipe'], array_column($slice['openings'], 'name'));
        $chimney = $slice['opening'];
        self::assertSame(['cricket', 'back-first', true], [$chimney['uphill'], $chimney['order'], $chimney['sheds']]);
        self::assertSame(['Panel below', 'Panels beside', 'Left valley pan', 'Right valley pan', 'Cricket’s panels', 'Cricket’s cap', 'Front', 'Left side', 'Right side', 'Panel above'], array_slice(array_column($chimney['pieces'], 'name'), 0, 10));
        // By hand: 32 wide, 45.6 up the slope above it, 40.8 in plan: 9.1 sq ft.
        self::assertStringStartsWith('9.1 sq ft of roof, 0.4 gal a minute, arrive behind it.', $chimney['advice']);
        $pieces = array_column($chimney['pieces'], null, 'key');
        self::assertSame('38″ × 9 1/2″', $pieces['front']['size']);
        self::assertSame(['Panel below', 'Panels beside'], $pieces['front']['over']);
        self::assertSame(['Chimney L-1', 'Chimney R-1'], $pieces['saddle-panels']['of']);
        self::assertSame(['apron' => true, 'cricket' => true, 'cross-panels' => true], array_column($chimney['uphills'], 'fits', 'school'));
        self::assertSame(['cricket'], array_column(array_filter($chimney['uphills'], static fn (array $one): bool => $one['asked'] && $one['advised']), 'school'));
        // Taped square to the rakes of a face out of square it is not what is taped along the eave.
        self::assertSame(196.0, (float) $chimney['place']['left']);

        $pipe = (array) $this->getJson("/api/jobs/$job->id/plan/openings?pick=o5")->assertOk()->json('opening');
        self::assertSame([['boot'], true], [array_column($pipe['pieces'], 'key'), str_starts_with($pipe['notes'][0], 'Boot for pipes 3″ to 6 1/4″')]);
        $text = self::text((string) $this->get("/api/jobs/$job->id/files/openings.pdf")->assertOk()->getContent());
        foreach (['Chimney: Front', '38″ × 9 1/2″', 'Counterflashing, left', 'Leave the low corners unsealed', 'Boot for pipes'] as $said) {
            self::assertStringContainsString($said, $text);
        }
        $book = self::text((string) $this->get("/api/jobs/$job->id/files/edge-book.pdf")->assertOk()->getContent());
        self::assertStringContainsString('Chimney: Front', $book);
        self::assertStringContainsString('straight down', $book, 'the water sheet is in it');
    }

    public function test_another_uphill_side_changes_panels_order_and_water(): void
    {
        $document = self::demo('annex');
        $plan = static function () use (&$document): array {
            $file = tempnam(sys_get_temp_dir(), 'annex');
            file_put_contents($file, json_encode($document));
            Artisan::call('imbrex:plan', ['file' => $file]);
            unlink($file);

            return (array) json_decode(Artisan::output(), true);
        };
        $cross = $plan();
        $of = static fn (array $plan): array => array_values(array_filter($plan['panels'], static fn (array $panel): bool => $panel['face'] === 'o1.X'));
        self::assertSame(['across'], array_values(array_unique(array_column($of($cross), 'direction'))));
        self::assertEqualsWithDelta(48.0 + 12.0 + 1.0 + 2.0, $of($cross)[0]['long'], 1e-9);
        self::assertSame(['up'], array_values(array_unique(array_column(array_filter($cross['panels'], static fn (array $panel): bool => $panel['face'] !== 'o1.X'), 'direction'))));
        $flashed = array_column($cross['openings'], null, 'id')['o1'];
        self::assertSame(['cross-panels', true], [$flashed['uphill'], $flashed['sheds']]);

        foreach (['apron' => ['back', 0], 'cricket' => ['saddle-left', 2]] as $school => [$role, $faces]) {
            $document['openings'][0]['uphill'] = $school;
            $now = $plan();
            self::assertContains($role, array_column(array_column($now['openings'], null, 'id')['o1']['pieces'], 'role'));
            self::assertCount($faces, array_filter($now['faces'], static fn (array $face): bool => $face['behind'] === 'o1'));
            self::assertSame([], $of($now));
            self::assertNotEquals($cross['order'], $now['order']);
        }
    }

    /** A lap turned round is found, and water with it; what makes no sense is named. */
    public function test_an_order_of_ones_own_is_judged(): void
    {
        $user = $this->member();
        $document = self::demo('clubroom');
        $document['openings'][2] = [...$document['openings'][2], 'uphill' => 'apron', 'order' => 'front-first', 'pieces' => ['panel-below', 'panels-beside', 'front', 'back', 'side-left', 'side-right', 'panel-above']];
        $job = $this->job($user, $document);
        $slice = (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/openings?pick=o3")->assertOk()->json();
        self::assertSame([true, false], [$slice['opening']['adapted'], $slice['opening']['sheds']]);
        self::assertStringStartsWith('Chimney: water runs off this piece and gets behind the laps: Back.', array_column($slice['findings'], 'message', 'code')['openings.lap']);
        $water = (array) $this->getJson("/api/jobs/$job->id/plan/water")->assertOk()->json('findings');
        self::assertStringContainsString('Back', array_column($water, 'message', 'code')['water.entered']);

        $document['openings'][2]['pieces'] = ['front', 'chimney pot'];
        $this->save($user, $job->refresh(), $document, 1)->assertUnprocessable()->assertJsonPath('faults.0.field', 'openings[2].pieces[1]');
        unset($document['openings'][2]['pieces']);
        // Screws of one piece closer than the house has them: 38 in, every 4, and one at the start.
        $document['openings'][2]['spacings'] = ['front' => 4];
        $this->save($user, $job->refresh(), $document, 1)->assertOk();
        $front = array_column((array) $this->getJson("/api/jobs/$job->id/plan/openings?pick=o3")->assertOk()->json('opening.pieces'), null, 'key')['front'];
        self::assertStringStartsWith('10 lap screws, 4″ apart', $front['held']);
        $document['openings'][2]['spacings'] = ['gable' => 4];
        $this->save($user, $job->refresh(), $document, 2)->assertUnprocessable()->assertJsonPath('faults.0.field', 'openings[2].spacings.gable');
        unset($document['openings'][2]['spacings']);
        foreach (['order' => 'whenever', 'uphill' => 'dam', 'cricketRise' => 99] as $field => $value) {
            $bad = $document;
            $bad['openings'][2][$field] = $value;
            $this->save($user, $job->refresh(), $bad, 2)->assertUnprocessable()->assertJsonPath('faults.0.field', "openings[2].$field");
        }
    }

    /** A pipe of 12 typed as feet is 144 thick: it is asked back, with what would do. */
    public function test_sizes_in_the_wrong_unit_are_asked_back(): void
    {
        $user = $this->member();
        $document = self::demo('clubroom');
        $job = $this->job($user, $document);
        $document['openings'][3]['diameter'] = 144;
        $fault = $this->save($user, $job->refresh(), $document, 1)->assertUnprocessable()->json('faults.0');
        self::assertSame('openings[3].diameter', $fault['field']);
        self::assertStringContainsString('12″', $fault['message']);
    }

    public function test_taped_square_to_a_rake(): void
    {
        $user = $this->member();
        $document = self::demo('clubroom');
        $document['openings'][2]['fromRake'] = ['side' => 'right', 'off' => 100];
        $job = $this->job($user, $document);
        $place = (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/openings?pick=o3")->assertOk()->json('opening.place');
        self::assertEqualsWithDelta(100.0, $place['squareRight'], 1e-6);
        self::assertNotEquals(0.0, $place['shifted']);
    }

    private static function text(string $pdf): string
    {
        return implode("\n", array_map(static fn (PdfText $page): string => $page->all(), PdfText::pages($pdf)));
    }

    /** @return array<string, mixed> */
    private static function demo(string $name): array
    {
        return json_decode((string) file_get_contents(database_path("demo/$name.json")), true);
    }
}
