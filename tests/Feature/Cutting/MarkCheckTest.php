<?php

declare(strict_types=1);

namespace Tests\Feature\Cutting;

use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Internal\MarkCheck;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Cutting\CuttingSlice;
use Imbrex\Stations\Cutting\PiecesCsv;
use Imbrex\Stations\JobReader;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** The two lengths of a piece have one home: what is checked against is what the card, the list and the table of pieces say. */
final class MarkCheckTest extends FeatureTestCase
{
    /** @return array<string, array{string}> */
    public static function demos(): array
    {
        return ['boathouse' => ['boathouse'], 'clubroom' => ['clubroom'], 'oar store' => ['oar-store'], 'screwed down' => ['oar-store-screw-down']];
    }

    #[DataProvider('demos')]
    public function test_every_piece_of_the_demo_is_checked_by_what_its_card_says(string $demo): void
    {
        $plan = Plan::for(app(JobReader::class)->read((string) file_get_contents(database_path("demo/$demo.json"))));
        $check = new MarkCheck(CutCardMaker::of($plan));
        $table = self::table((new PiecesCsv)->write($plan));
        $rows = array_column(array_map(static fn (array $row): array => array_combine(array_map(strval(...), $table[0]), $row), array_slice($table, 1)), null, 'panel');
        foreach ($plan->of(CuttingStage::class)->panels as $panel) {
            $face = $plan->of(RoofStage::class)->roof->face($panel->face) ?? self::fail($panel->id);
            $right = $check->right($face, $panel);
            $card = CutCardMaker::of($plan)->card($face, $panel);
            $shown = CuttingSlice::cardView($card)['lengths'];
            self::assertSame($right === null, $shown === null, $panel->id);
            self::assertSame($right?->differ(), $shown['differ'] ?? null, $panel->id);
            self::assertSame($right === null, $rows[$panel->id]['short_side_in'] === '', $panel->id);
            self::assertEqualsWithDelta($panel->long, (float) $rows[$panel->id]['length_in'], 1e-4, "$panel->id: as long as in the plan");
            if ($right === null) {
                continue;
            }
            self::assertNull($check->mistake($face, $panel, $right, 1 / 16), "$panel->id: right is right");
            self::assertEqualsWithDelta([$right->long(), $right->short(), $right->between], [$rows[$panel->id]['long_side_in'], $rows[$panel->id]['short_side_in'], $rows[$panel->id]['between_in']], 1e-4, $panel->id);
            self::assertEqualsWithDelta([$right->left, $right->right], [$shown['left'] ?? null, $shown['right'] ?? null], 1e-9, $panel->id);
            if ($right->differ()) {
                self::assertNotNull($check->mistake($face, $panel, $right->mirrored(), 1 / 64), "$panel->id: the wrong way round is told");
            }
        }
    }
}
