<?php

declare(strict_types=1);

namespace Tests\Feature\Cutting;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Cutting\CardSheets;
use Imbrex\Stations\Cutting\PrintedCard;
use Imbrex\Stations\Edition;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Layout\LayoutSheet;
use Imbrex\Stations\LoadOut\CutListCsv;
use Imbrex\Stations\LoadOut\CutListSheet;
use Imbrex\Stations\Print\PanelRange;
use Imbrex\Stations\Print\Sheet;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;
use Tests\Support\PdfText;

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
            self::assertSame(PanelRange::inWords(str_replace(['hall.', 'wing.'], ['Hall ', 'Wing '], $slice['order']['lines'][$i]['panels'])), $range);
            self::assertStringContainsString($range, $text);
            $parted += str_contains($range, ',') ? 1 : 0;
        }
        self::assertGreaterThan(0, $parted, 'lines whose panels are no row of neighbours');
    }

    public function test_the_sheet_says_what_is_ordered(): void
    {
        $text = $this->sheet($this->plan());

        foreach (['Oar store', 'Plan 7, not released', '32', '18′ 2 1/2″', '218 1/2″', 'female left', 'P1-1 … P1-32', '2 of them ripped', '971.1', '583 ft', '1,126 lb', 'is a representative profile', 'The panel maker'] as $words) {
            self::assertStringContainsString($words, $text);
        }
    }

    public function test_a_job_on_a_metric_tape_is_printed_in_millimetres(): void
    {
        $plan = $this->plan(self::document(['rules' => ['tape.division' => 'mm', 'order.extra' => 2]]));
        $csv = (new CutListCsv)->write(new Edition(1, static fn (): \stdClass => new \stdClass, static fn () => $plan));

        // 218.5 in are 5549.9 mm; an order is rounded up.
        self::assertStringContainsString('5550 mm', $csv);
        self::assertStringContainsString('5550 mm', $this->sheet($plan));
    }

    public function test_a_card_says_each_length_once_and_beside_the_metal(): void
    {
        $page = PdfText::pages(app(CardSheets::class)->pdf($this->edition($this->plan())))[0];
        $drawn = array_values(array_filter($page->texts, static fn (array $t): bool => $t['turned'] && $t['y'] > 400.0));

        // The first rip, its two sides the same: 216-3/8 along the metal, beside it.
        self::assertSame(['216 3/8″', '216 3/8″'], array_column($drawn, 'text'));
        foreach (['T', 'B', '11 3/4″ wide', 'P1-1', 'Back of the sheet, face down'] as $words) {
            self::assertContains($words, $page->said());
        }
        // Where it is marked: up both edges, to the length in the largest figures of the card.
        $length = array_filter($page->texts, static fn (array $t): bool => $t['text'] === '216 3/8″' && ! $t['turned']);
        self::assertGreaterThanOrEqual(15.0, min(array_column($length, 'size')));
    }

    /** @return array<string, array{string, string}> */
    public static function demos(): array
    {
        return ['boathouse' => ['boathouse', 'letter'], 'clubroom' => ['clubroom', 'letter'], 'clubroom on A4' => ['clubroom', 'A4'], 'oar store' => ['oar-store', 'letter'], 'screw-down' => ['oar-store-screw-down', 'letter'], 'screw-down on A4' => ['oar-store-screw-down', 'A4']];
    }

    #[DataProvider('demos')]
    public function test_every_sheet_names_its_plan_and_page_and_no_number_lies_on_a_line(string $demo, string $paper): void
    {
        $document = json_decode((string) file_get_contents(database_path("demo/$demo.json")), true);
        $edition = $this->edition($this->plan([...$document, 'rules' => [...$document['rules'] ?? [], 'print.paper' => $paper]]));
        $upright = Sheet::of($edition->plan());
        $sheets = ['cards' => [app(CardSheets::class)->pdf($edition), $upright], 'layout' => [app(LayoutSheet::class)->pdf($edition), Sheet::of($edition->plan(), true)], 'cut list' => [app(CutListSheet::class)->pdf($edition), $upright]];
        foreach ($sheets as $name => [$pdf, $paper]) {
            $pages = PdfText::pages($pdf);
            foreach ($pages as $number => $page) {
                self::assertContains('plan 7 · page '.($number + 1).' of '.count($pages), $page->said());
                foreach ($page->texts as $text) {
                    preg_match('/\d/', $text['text']) === 1 && self::assertSame([], $this->crossing($paper, $page, $text), "$name, page ".($number + 1).": {$text['text']}");
                }
            }
        }
    }

    public function test_pieces_marked_out_alike_share_a_card_whichever_face_they_lie_on(): void
    {
        $plan = $this->plan(json_decode((string) file_get_contents(database_path('demo/boathouse.json')), true));
        $cards = app(CardSheets::class)->cards($plan);
        $panels = $plan->of(CuttingStage::class)->panels;

        $pieces = array_merge(...array_map(static fn (PrintedCard $card): array => $card->pieces, $cards));
        self::assertEqualsCanonicalizing(array_map(static fn ($p): string => $plan->of(CuttingStage::class)->name($p->id), $panels), $pieces);
        self::assertNotSame([], array_filter($cards, static fn (PrintedCard $card): bool => count($card->faces) > 1));
        $marks = array_map(static fn (PrintedCard $card): string => serialize([$card->runs, preg_replace('/(Hall|Wing) [A-Z]-\d+b?/', '', $card->sub), $card->notes, $card->card->legs, $card->card->fromHead]), $cards);
        self::assertSame(count($cards), count(array_unique($marks)), 'two cards that say the same');
        self::assertCount((int) ceil(count($cards) / 2), PdfText::pages(app(CardSheets::class)->pdf($this->edition($plan))));
    }

    public function test_a_layout_sheet_has_a_face_with_its_marks_control_line_and_dimensions(): void
    {
        $plan = $this->plan();
        $pages = PdfText::pages(app(LayoutSheet::class)->pdf($this->edition($plan)));
        self::assertCount(1, $pages);
        $said = $pages[0]->said();
        foreach (['control line', '41′ 8″', '17′ 10 3/8″', 'Shed plane', 'eave', 'rake'] as $words) {
            self::assertContains($words, $said);
        }
        $marks = app(LayoutSheet::class)->marksOf($plan, $plan->of(RoofStage::class)->roof->faces[0]);
        self::assertGreaterThan(25, count($marks));
        foreach ($marks as $mark) {
            self::assertContains($mark['at'], $said);
        }
        // As large as the page allows: the drawing is as wide as the paper but for its margins and the height's dimension.
        $xs = array_merge(...array_map(static fn (array $stroke): array => [$stroke[0], $stroke[2]], $pages[0]->strokes));
        self::assertGreaterThan(680.0, max($xs) - min($xs));
    }

    public function test_a_face_with_more_marks_than_its_drawing_can_show_has_them_listed(): void
    {
        $plan = $this->plan(self::document(['roof' => ['planes' => [self::plane(['outline' => [[0, 0], [3600, 0], [3600, 214], [0, 214]]])]], 'system' => ['profile' => 'snap-lock-1.5-12', 'material' => 'steel']]));
        $pages = PdfText::pages(app(LayoutSheet::class)->pdf($this->edition($plan)));
        self::assertGreaterThan(1, count($pages));
        $said = array_merge(...array_map(static fn (PdfText $page): array => $page->said(), array_slice($pages, 1)));
        foreach (app(LayoutSheet::class)->marksOf($plan, $plan->of(RoofStage::class)->roof->faces[0]) as $mark) {
            self::assertContains($mark['at'], $said);
        }
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

    private function edition(Plan $plan): Edition
    {
        return new Edition(7, static fn (): \stdClass => new \stdClass, static fn () => $plan);
    }

    /**
     * The strokes that run through a number, told on the line half way up its figures.
     *
     * @param  array{text: string, x: float, y: float, size: float, turned: bool}  $text
     * @return list<array{float, float, float, float}>
     */
    private function crossing(Sheet $paper, PdfText $page, array $text): array
    {
        $wide = $paper->textWidth($text['text'], $text['size'], true) * 0.97;
        $up = $text['size'] * 0.3;
        [$from, $to] = $text['turned'] ? [[$text['x'] - $up, $text['y']], [$text['x'] - $up, $text['y'] + $wide]] : [[$text['x'], $text['y'] + $up], [$text['x'] + $wide, $text['y'] + $up]];
        $side = static fn (array $a, array $b, array $p): float => ($b[0] - $a[0]) * ($p[1] - $a[1]) - ($b[1] - $a[1]) * ($p[0] - $a[0]);

        return array_values(array_filter($page->strokes, static function (array $s) use ($from, $to, $side): bool {
            [$a, $b] = [[$s[0], $s[1]], [$s[2], $s[3]]];

            return $side($from, $to, $a) * $side($from, $to, $b) < -1e-6 && $side($a, $b, $from) * $side($a, $b, $to) < -1e-6;
        }));
    }

    /** What the cut list says, its texts in the order they are drawn; a range over two lines reads on. */
    private function sheet(Plan $plan): string
    {
        return implode(' ', array_map(static fn (PdfText $page): string => implode(' ', $page->said()), PdfText::pages(app(CutListSheet::class)->pdf($this->edition($plan)))));
    }
}
