<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drills\WorstJobs;
use Imbrex\Core\Effort;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\JobReader;
use PHPUnit\Framework\Attributes\DataProvider;

/** What asks too much is refused at saving, and says what would be taken. */
final class EffortTest extends FeatureTestCase
{
    /** @return iterable<string, array{string, string, string}> document, field, what there is so much of */
    public static function tooMuch(): iterable
    {
        yield 'curbs nearly round' => [WorstJobs::curbs(400, 60), 'openings', 'corners in openings that part panels'];
        yield 'planes nearly round' => [WorstJobs::corners(200), 'roof.planes', 'corners in the outlines'];
        yield 'planes with teeth' => [WorstJobs::comb(200), 'roof.planes', 'panels in one job'];
        yield 'a cover of a foot on planes of a thousand' => [WorstJobs::panels(60, 12_000.0, 240.0), 'roof.planes', 'panels in one job'];
        yield 'panels longer than can be made' => [WorstJobs::panels(60, 1_200.0, 12_000.0), 'roof.planes', 'panels in one job'];
        $close = (array) json_decode(WorstJobs::panels(20, 8_000.0, 240.0), true);
        yield 'screws as close as they go on ten thousand sheets' => [(string) json_encode([...$close, 'system' => ['profile' => 'corrugated-1/2-24'], 'holdDown' => ['spacing' => 6]]), 'holdDown', 'clips or screws more than usual'];
        $strip = ['system' => ['profile' => 'snap-lock-1.5-16'], 'holdDown' => ['school' => 'pressure', 'allowable' => 0.1], 'wind' => ['pressures' => ['field' => 40, 'edge' => 70, 'corner' => 100]]];
        yield 'clips that carry nothing on ten thousand panels' => [(string) json_encode([...$close, ...$strip]), 'holdDown', 'clips or screws more than usual'];
        yield 'sticks of two feet on ten thousand sheets' => [(string) json_encode([...(array) json_decode(WorstJobs::panels(30, 11_900.0, 200.0), true), 'system' => ['profile' => 'rib-9-36'], 'rules' => ['trim.stick' => 24]]), 'rules.trim.stick', 'pieces of trim'];
    }

    #[DataProvider('tooMuch')]
    public function test_a_job_that_asks_too_much_is_refused_and_nothing_is_lost(string $document, string $field, string $what): void
    {
        $member = $this->member();
        $job = $this->job($member);
        $before = $job->newest()->document;

        $answer = $this->save($member, $job, $document, 1);

        $answer->assertUnprocessable()->assertJsonPath('faults.0.code', 'too-much-work')->assertJsonPath('faults.0.field', $field);
        self::assertStringContainsString($what, (string) $answer->json('faults.0.message'));
        self::assertSame($before, $job->refresh()->newest()->document);
        self::assertSame(1, $job->revision);
    }

    public function test_what_is_said_to_be_taken_is_taken(): void
    {
        $fault = null;
        try {
            app(JobReader::class)->read(WorstJobs::curbs(400, 60));
        } catch (DocumentFault $caught) {
            $fault = $caught->faults[0];
        }
        self::assertNotNull($fault);
        self::assertSame('24000', $fault->understood);
        $corners = intdiv((int) $fault->accepted['most'], 400);
        self::assertGreaterThan(8, $corners);

        self::assertNull(Effort::tooMuch(app(JobReader::class)->read(WorstJobs::curbs(400, $corners))));
    }

    public function test_the_demos_and_a_roof_of_ten_thousand_panels_are_far_from_it(): void
    {
        $reader = app(JobReader::class);
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            self::assertLessThan(Effort::AT_ONCE / 4.0, Effort::steps($reader->read((string) file_get_contents($file))), $file);
        }
        $large = $reader->read(WorstJobs::panels(20, 8_000.0, 240.0));
        // A step a panel, three a piece of trim: about 8 200 of them.
        self::assertEqualsWithDelta(35_000.0, Effort::steps($large), 3_000.0);
        self::assertNull(Effort::tooMuch($large));
    }

    public function test_twice_the_openings_ask_less_than_three_times_the_steps(): void
    {
        $reader = app(JobReader::class);
        foreach ([25, 50, 100, 200] as $count) {
            $once = Effort::steps($reader->read(WorstJobs::curbs($count, 4)));
            self::assertLessThan(3.0 * $once, Effort::steps($reader->read(WorstJobs::curbs(2 * $count, 4))), "$count");
        }
    }
}
