<?php

declare(strict_types=1);

namespace Tests\Feature\Cutting;

use App\Exports\PanelRange;
use App\Stations\Cutting\CardDrawing;
use App\Stations\Cutting\CardSheets;
use App\Stations\Edition;
use App\Stations\JobReader;
use App\Stations\LoadOut\CutListCsv;
use App\Stations\Wire;
use App\Words\Words;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CutGroup;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** What leaves on paper and as files. */
final class PrintTest extends FeatureTestCase
{
    /** @return array<string, array{list<string>, string}> */
    public static function ranges(): array
    {
        return [
            'one' => [['P1-1'], 'P1-1'],
            'a run' => [['P1-2', 'P1-3', 'P1-4'], 'P1-2 … P1-4'],
            'a gap' => [['P1-2', 'P1-3', 'P1-5'], 'P1-2 … P1-3, P1-5'],
            'two faces' => [['N-9', 'S-10', 'S-11'], 'N-9, S-10 … S-11'],
            'a second piece in a strip' => [['P1-4', 'P1-4b', 'P1-5'], 'P1-4, P1-4b … P1-5'],
            'a long name' => [['east_wing_2-9', 'east_wing_2-10'], 'east_wing_2-9 … east_wing_2-10'],
        ];
    }

    /** @param  list<string>  $ids */
    #[DataProvider('ranges')]
    public function test_panels_in_a_row_are_written_as_a_range(array $ids, string $words): void
    {
        self::assertSame($words, PanelRange::inWords($ids));
    }

    public function test_the_screen_names_the_panels_of_a_line_as_the_sheet_does(): void
    {
        $user = $this->member();
        $job = $this->job($user, json_decode((string) file_get_contents(database_path('demo/boathouse.json')), true));
        $slice = $this->actingAs($user)->getJson("/api/jobs/$job->id/plan/load-out")->assertOk()->json();
        $text = $this->sheet($this->plan(json_decode((string) file_get_contents(database_path('demo/boathouse.json')), true)));

        self::assertCount(count($slice['order']['lines']), $slice['ranges']);
        $parted = 0;
        foreach ($slice['ranges'] as $i => $range) {
            self::assertSame(PanelRange::inWords($slice['order']['lines'][$i]['panels']), $range);
            self::assertStringContainsString($range, $text);
            $parted += str_contains($range, ',') ? 1 : 0;
        }
        self::assertGreaterThan(0, $parted, 'lines whose panels are no row of neighbours');
    }

    public function test_the_sheet_says_what_is_ordered(): void
    {
        $text = $this->sheet($this->plan());

        foreach (['Oar store', 'plan 7', '32', '18′ 2 1/2″', '218 1/2″', 'female left', 'P1-1 … P1-32', '2 of them ripped', '971.1', '583 ft', '1,126 lb', 'is a representative profile', 'The panel maker'] as $words) {
            self::assertStringContainsString($words, $text);
        }
    }

    public function test_names_are_printed_and_not_run(): void
    {
        $text = $this->sheet($this->plan(self::document(['name' => '<script>alert(1)</script>'])));

        self::assertStringNotContainsString('<script>', $text);
        self::assertStringContainsString('&lt;script&gt;', $text);
    }

    public function test_a_job_on_a_metric_tape_is_printed_in_millimetres(): void
    {
        $plan = $this->plan(self::document(['rules' => ['tape.division' => 'mm', 'order.extra' => 2]]));
        $csv = (new CutListCsv)->write(new Edition(1, static fn (): \stdClass => new \stdClass, static fn () => $plan));

        // 218.5 in are 5549.9 mm; an order is rounded up.
        self::assertStringContainsString('5550 mm', $csv);
        self::assertStringContainsString('5550 mm', $this->sheet($plan));
    }

    public function test_a_card_is_drawn_with_its_ends_to_scale(): void
    {
        $plan = $this->plan();
        $card = $this->card($plan, 0);
        $svg = simplexml_load_string((new CardDrawing(app(Words::class), Wire::tape($plan)->inInches()))->svg($card));
        self::assertNotFalse($svg);
        $texts = array_map(strval(...), iterator_to_array($svg->text, false));
        $dashed = array_filter(iterator_to_array($svg->line, false), static fn (\SimpleXMLElement $line): bool => (string) $line['stroke-dasharray'] !== '');

        self::assertSame(['216 3/8″', 'T', 'B', '11 3/4″'], $texts);
        // hem, turned-up pan, turned-up rake
        self::assertCount(3, $dashed);
        foreach ($svg->line as $line) {
            foreach (['x1', 'x2', 'y1', 'y2'] as $end) {
                self::assertGreaterThanOrEqual(0, (float) $line[$end]);
                self::assertLessThanOrEqual(330, (float) $line[$end]);
            }
        }
    }

    public function test_cards_of_any_piece_keep_to_half_a_page(): void
    {
        $plan = $this->plan(json_decode((string) file_get_contents(database_path('demo/boathouse.json')), true));
        $cards = array_sum(array_map(static fn ($face): int => count(CutGroup::gather($plan->of(CuttingStage::class)->panelsOf($face->id))), $plan->of(RoofStage::class)->roof->faces));

        self::assertSame((int) ceil($cards / 2), preg_match_all('#/Type /Page\b(?!s)#', app(CardSheets::class)->pdf($plan, 1)));
    }

    public function test_a_steep_list_of_lengths_has_a_line_for_each(): void
    {
        $plan = $this->plan(self::document(['roof' => ['planes' => [self::plane(['outline' => [[0, 0], [480, 0], [480, 216], [0, 200]]])]]]));
        $lines = explode("\n", trim((new CutListCsv)->write(new Edition(1, static fn (): \stdClass => new \stdClass, static fn () => $plan))));
        $quantities = array_map(static fn (string $line): int => (int) str_getcsv($line)[0], array_slice($lines, 1));

        self::assertCount(count($plan->of(LoadOutStage::class)->order->lines) + 1, $lines);
        self::assertSame(30, array_sum($quantities));
    }

    /** @param  array<string, mixed>|null  $document */
    private function plan(?array $document = null): Plan
    {
        return Plan::for(app(JobReader::class)->read((string) json_encode($document ?? self::document())));
    }

    private function card(Plan $plan, int $panel): CutCard
    {
        return CutCardMaker::of($plan)->card($plan->of(RoofStage::class)->roof->faces[0], $plan->of(CuttingStage::class)->panels[$panel]);
    }

    private function sheet(Plan $plan): string
    {
        $words = app(Words::class);
        $tape = Wire::tape($plan);

        return view('print.cut-list', [
            'plan' => $plan, 'order' => $plan->of(LoadOutStage::class)->order, 'edition' => new Edition(7, static fn (): \stdClass => new \stdClass, static fn () => $plan), 'words' => $words, 'tape' => $tape, 'ranges' => PanelRange::inWords(...),
            'findings' => array_map(static fn ($f): string => $words->finding($f, $tape), $plan->findings()),
        ])->render();
    }
}
