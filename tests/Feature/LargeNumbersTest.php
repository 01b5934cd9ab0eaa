<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drills\LargeNumbers;
use Imbrex\Stations\Documents\Contract;
use PHPUnit\Framework\Attributes\DataProvider;

/** What the drill of large numbers found stays found, and it reaches the numbers it says it reaches. */
final class LargeNumbersTest extends FeatureTestCase
{
    public function test_numbers_of_every_station_are_put_at_their_least_and_at_their_most(): void
    {
        $schema = Contract::schema('job');
        $names = [];
        foreach ([...glob(database_path('demo/*.json')) ?: [], ...glob(database_path('drills/*.json')) ?: []] as $file) {
            foreach ((new LargeNumbers($schema, Contract::schema('facts')))->of(json_decode((string) file_get_contents($file))) as $name => $document) {
                $names[strstr($name, ' = ', true)] = true;
                self::assertSame('imbrex-job/3', $document->format);
            }
        }
        foreach (['.holdDown.allowable', '.holdDown.allowables.clamp', '.wind.pressures.corner', '.wind.estimate.kzt', '.snow.load', '.openings.#.width', '.openings.#.cricketRise', '.roof.blocks.#.x', '.roof.planes.#.readings.#.value', '.catalogue.profiles.#.cover', '.decks.*.spacing', '.edges.*.reveal', '.cutting.corrections.#.amount', '.facts.#.said.measured', '.facts.#.said.u', '.facts.#.said.long', '.facts.#.said.length', '.holdDown.faces.*.purlins.at.0', '.roof.planes.#.outline.0.0', '.roof.planes.#.placed.x', '.trims.fits.*.*.low', '.trims.shapes.*.legs.#.length', '.temperatures.gainF', '.water.intensity', 'rules.order.extra', 'rules.snow.apart'] as $name) {
            self::assertArrayHasKey($name, $names);
        }
        self::assertGreaterThan(300, count($names));
    }

    /** The drill's own jobs are worked: three marks that no line of their edge lies near were a division by nought once, at each request. */
    public function test_jobs_of_the_drill_are_worked(): void
    {
        $member = $this->member();
        $told = [];
        foreach (glob(database_path('drills/*.json')) ?: [] as $file) {
            $id = $this->begin($member, (string) file_get_contents($file))->assertCreated()->json('id');
            foreach (['survey', 'cuts', 'sticks', 'hold-down', 'load-out'] as $slice) {
                $answer = $this->getJson("/api/jobs/$id/plan/$slice")->assertOk();
                array_push($told, ...array_column((array) $answer->json('findings'), 'message'));
            }
        }
        self::assertNotSame([], array_filter($told, static fn (string $one): bool => str_contains($one, 'less than the line of the others has it')));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string|null}> a job of the drill; what its profile says; the field that is refused */
    public static function profiles(): iterable
    {
        yield 'a rib entered twice' => ['exposed', ['ribs' => [0, 0, 9, 18, 27]], null];
        yield 'ribs in disorder' => ['exposed', ['ribs' => [27, 9, 18, 0]], null];
        yield 'legs wider than the pan' => ['nail-strip', ['outToOut' => 72, 'insideToOutside' => 71, 'coil' => 90], 'outToOut'];
        yield 'a cover under its legs' => ['nail-strip', ['cover' => 4], 'outToOut'];
        yield 'metal beyond its lines that leaves no pan' => ['exposed', ['cover' => 8, 'leftMetal' => 4, 'rightMetal' => 4], 'rightMetal'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('profiles')]
    public function test_a_profile_that_cannot_be_so_is_refused_and_no_other_falls_over(string $job, array $changes, ?string $field): void
    {
        $document = json_decode((string) file_get_contents(database_path("drills/$job.json")), true);
        $document['catalogue']['profiles'][0] = [...$document['catalogue']['profiles'][0], ...$changes];
        $member = $this->member();
        $answer = $this->begin($member, $document);
        if ($field !== null) {
            self::assertContains("catalogue.profiles[0].$field", array_column($answer->assertUnprocessable()->json('faults'), 'field'));

            return;
        }
        $id = $answer->assertCreated()->json('id');
        foreach (['cuts', 'edges', 'sticks', 'hold-down', 'water', 'load-out'] as $slice) {
            $this->getJson("/api/jobs/$id/plan/$slice")->assertOk();
        }
    }
}
