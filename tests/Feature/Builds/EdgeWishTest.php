<?php

declare(strict_types=1);

namespace Tests\Feature\Builds;

use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** How single edges are built, as a document says it: kept, told, carried to the cards, refused by name. */
final class EdgeWishTest extends FeatureTestCase
{
    private const EAST = 'valley-hall.S-wing.E';

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function bad(): array
    {
        return [
            'a reveal on an eave' => [['eave-hall.S' => ['reveal' => 6]], 'edges.eave-hall.S.reveal', 'for an edge of this kind (eave): build, order, spacing'],
            'a vent in a valley' => [[self::EAST => ['vented' => true]], 'edges.'.self::EAST.'.vented', '(valley): reveal'],
            'a reveal beyond all valleys' => [[self::EAST => ['reveal' => 12]], 'edges.'.self::EAST.'.reveal', 'from 1 to 9'],
            'no edge at all' => [['hall' => ['reveal' => 5]], 'edges.hall', 'begins with its kind'],
            'a wish there is not' => [[self::EAST => ['colour' => 'red']], 'edges.'.self::EAST.'.colour', 'known are'],
        ];
    }

    /** @param  array<string, mixed>  $edges */
    #[DataProvider('bad')]
    public function test_what_an_edge_may_not_have_is_refused_by_name(array $edges, string $field, string $said): void
    {
        $answer = (string) $this->begin($this->member(), [...self::boathouse(), 'edges' => $edges])->assertUnprocessable()->getContent();

        self::assertStringContainsString($field, $answer);
        self::assertStringContainsString($said, $answer);
    }

    public function test_a_wish_is_kept_told_and_carried_to_the_cards(): void
    {
        $user = $this->member();
        $job = $this->job($user, self::boathouse());
        $slice = fn (string $station, string $pick): array => (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/$station?pick=$pick")->assertOk()->json();
        $held = [...self::boathouse(), 'layout' => ['hall.S' => ['start' => 'found', 'at' => 6, 'pinned' => true]]];
        $this->save($user, $job, $held, 1)->assertOk();
        $before = $slice('piece', 'hall.S-36')['card'];
        self::assertContains(self::EAST, array_column($before['edges'], 'id'));
        $told = $this->save($user, $job->refresh(), [...$held, 'edges' => [self::EAST => ['reveal' => 6], 'ridge-gone' => ['vented' => true]]], 2)->assertOk();
        self::assertStringContainsString('edge-wished', (string) json_encode($told->json()));
        $job->refresh();

        $valley = static fn (array $card): float => array_values(array_filter($card['back']['marks'], static fn (array $m): bool => $m['name'] === 'valley'))[0]['distance'];
        // Measured from B the valley's own foot stays at 0 on its long side; the piece is three inches shorter up to the hip.
        self::assertEqualsWithDelta($before['back']['length'] - 3.0, $slice('piece', 'hall.S-36')['card']['back']['length'], 1e-3);
        self::assertGreaterThanOrEqual(0.0, $valley($slice('piece', 'hall.S-36')['card']));
        $chalk = array_column($slice('layout', 'hall.S')['face']['chalk'], 'reveal', 'edge');
        self::assertEqualsWithDelta(6.0, $chalk[self::EAST], 1e-9);
        self::assertEqualsWithDelta(4.0, $chalk['valley-hall.S-wing.W'], 1e-9);
        // An edge that is gone keeps its wish.
        self::assertArrayHasKey('ridge-gone', json_decode($job->newest()->document, true)['edges']);
    }

    public function test_circumstances_are_read_and_refused_by_name(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'on');
        $plan = static function (string $on) use ($file): array {
            file_put_contents($file, $on);

            return [Artisan::call('imbrex:plan', ['file' => base_path('docs/examples/oar-store.json'), '--on' => $file]), Artisan::output()];
        };

        self::assertSame(0, Artisan::call('imbrex:plan', ['file' => base_path('docs/examples/oar-store.json')]));
        $without = Artisan::output();
        self::assertSame([0, $without], $plan('{}'));
        self::assertSame(2, $plan('{"temperature": 70}')[0]);
        self::assertSame(2, $plan('not json')[0]);
        unlink($file);
    }

    /** @return array<string, mixed> */
    private static function boathouse(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/../../../database/demo/boathouse.json'), true);
    }
}
