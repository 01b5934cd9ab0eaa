<?php

declare(strict_types=1);

namespace Tests\Feature\HoldDown;

use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Imbrex\Core\Ground\Units\Division;
use Imbrex\Core\Ground\Units\TapePrinter;
use Tests\Feature\FeatureTestCase;
use Tests\Support\PdfText;

/** What is printed of the hold-down is what the plan says, to the sixteenth, with its cautions on every sheet. */
final class PrintTest extends FeatureTestCase
{
    public function test_the_sheet_of_a_face_tells_every_height_of_its_clips(): void
    {
        [$user, $job] = $this->with('boathouse', ['wind' => ['estimate' => ['exposure' => 'open', 'mph' => 130]], 'snow' => ['load' => 30, 'places' => [['face' => 'hall.S', 'from' => 180, 'to' => 240, 'for' => 'door']]]]);
        $pages = $this->pages($user, $job, 'hold-down.pdf');
        $text = self::said($pages);
        $slice = (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hold-down?pick=hall.S")->json();
        $tape = new TapePrinter(Division::from('1/16'));
        foreach ($slice['face']['seams'] as $seam) {
            foreach ($seam['clips'] as $height) {
                self::assertStringContainsString($tape->print($height), $text, "seam {$seam['number']}");
            }
        }
        foreach (['Hall S', 'Hall E', 'Wing W', 'Row 1, 13′ 10″ to 20′ 6″', 'snow guard', 'corner'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        // A face's first sheet says what its numbers rest on.
        $first = self::said([$pages[0]]);
        foreach (['planning estimate', 'an example: replace it', 'Snow guards are a planning estimate', 'Tied off'] as $words) {
            self::assertStringContainsString($words, $first);
        }
    }

    public function test_a_drill_template_has_every_row_from_the_eave_end(): void
    {
        [$user, $job] = $this->with('oar-store-screw-down', []);
        Artisan::call('imbrex:plan', ['file' => base_path('database/demo/oar-store-screw-down.json')]);
        $plan = json_decode(Artisan::output(), true);
        $panel = $plan['screws'][0]['panel'];
        $rows = array_unique(array_map(static fn (array $one): string => sprintf('%.4f', $one['v']), array_filter($plan['screws'], static fn (array $one): bool => $one['panel'] === $panel && $one['row'] !== 'lap')));
        $text = self::said($this->pages($user, $job, 'drill-template.pdf'));
        $tape = new TapePrinter(Division::from('1/16'));
        self::assertCount(10, $rows);
        // Its sheets begin an inch past the deck's edge.
        foreach ($rows as $row) {
            self::assertStringContainsString($tape->print((float) $row + 1.0), $text);
        }
        foreach (['14 sheets: P1-1', 'Stack sheets alike', 'shield under the drill', 'Field rows, from the sheet’s left edge'] as $words) {
            self::assertStringContainsString($words, $text);
        }
    }

    public function test_the_card_for_the_pocket_sets_what_the_window_lets(): void
    {
        [$user, $job] = $this->with('boathouse', ['temperatures' => ['coldF' => -5, 'hotAirF' => 100, 'gainF' => 70]]);
        $said = $this->pages($user, $job, 'hem-card.pdf')[0]->said();
        self::assertContains('Hem gap, hem 1″', $said);
        // 218.9 of steel, −5 to 170: by hand the middle of α L (T + 5) and 3/4 − α L (170 − T), to the sixteenth.
        $moving = 6.67e-6 * 218.875;
        foreach ([0 => '1/4″', 60 => '5/16″', 90 => '3/8″', 170 => '1/2″'] as $metal => $set) {
            $middle = ($moving * ($metal + 5.0) + 0.75 - $moving * (170.0 - $metal)) / 2.0;
            self::assertSame($set, (new TapePrinter(Division::from('1/16')))->inInches()->print(round($middle * 16.0) / 16.0));
            $at = array_search("$metal °F", $said, true);
            self::assertNotFalse($at);
            self::assertSame($set, $said[$at + 1], "the longest panel at $metal °F");
        }
        self::assertStringContainsString('Close hems at the jaw', implode(' ', $said));
    }

    public function test_the_table_has_a_line_for_each_guard_and_fixing(): void
    {
        [$user, $job] = $this->with('boathouse', ['snow' => ['load' => 30, 'guards' => 'rail', 'places' => [['face' => 'hall.N', 'from' => 100, 'to' => 300, 'for' => 'walk']]], 'holdDown' => ['fix' => 'rivets']]);
        $csv = (string) $this->actingAs($user)->get("/api/jobs/$job->id/files/fasteners.csv")->assertOk()->getContent();
        $kinds = array_count_values(array_map(static fn (string $line): string => str_getcsv($line, ',', '"', '')[1] ?? '', explode("\n", trim(str_replace("\r", '', $csv)))));
        $slice = (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/hold-down?pick=hall.N")->json();
        self::assertSame(array_sum(array_map(static fn (array $row): int => count($row['at']), $slice['face']['guards'])), $kinds['snow guard']);
        self::assertGreaterThanOrEqual(count($slice['face']['fixed']), $kinds['fixed rivets']);
        self::assertArrayNotHasKey('fixed screws', $kinds);
        $order = (array) $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/load-out")->json();
        self::assertSame(['Snow rail clamps', 'Snow rail'], array_values(array_intersect(array_column($order['supplies'], 'name'), ['Snow rail', 'Snow rail clamps'])));
        $cut = self::said($this->pages($user, $job, 'cut-list.pdf'));
        self::assertStringContainsString('Snow rail', $cut);
        self::assertStringContainsString('rivets', $cut);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array{User, Job}
     */
    private function with(string $demo, array $more): array
    {
        $user = $this->member();

        return [$user, $this->job($user, [...json_decode((string) file_get_contents(base_path("database/demo/$demo.json")), true), ...$more])];
    }

    /** @return list<PdfText> */
    private function pages(User $user, Job $job, string $file): array
    {
        return PdfText::pages((string) $this->actingAs($user)->get("/api/jobs/$job->id/files/$file")->assertOk()->getContent());
    }

    /** @param  list<PdfText>  $pages */
    private static function said(array $pages): string
    {
        return str_replace("\u{A0}", ' ', implode(' ', array_map(static fn (PdfText $page): string => implode(' ', $page->said()), $pages)));
    }
}
