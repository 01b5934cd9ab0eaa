<?php

declare(strict_types=1);

namespace Tests\Feature\Survey;

use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Imports\Dxf\DxfDrawing;
use Imbrex\Stations\Imports\Dxf\DxfReader;
use PHPUnit\Framework\TestCase;

/** What of a drawing is understood, entity by entity. */
final class DxfReaderTest extends TestCase
{
    private const SQUARE = "0\nLWPOLYLINE\n8\nA\n70\n1\n10\n0\n20\n0\n10\n9\n20\n0\n10\n9\n20\n9\n10\n0\n20\n9\n";

    public function test_old_and_new_polylines_are_outlines(): void
    {
        $new = self::read("0\nLWPOLYLINE\n8\nA\n70\n1\n10\n0\n20\n0\n10\n9\n20\n0\n10\n9\n20\n9\n");
        $old = self::read("0\nPOLYLINE\n8\nA\n70\n1\n0\nVERTEX\n10\n0\n20\n0\n0\nVERTEX\n10\n9\n20\n0\n0\nVERTEX\n10\n9\n20\n9\n0\nSEQEND\n");
        $byPoint = self::read("0\nLWPOLYLINE\n8\nA\n70\n0\n10\n0\n20\n0\n10\n9\n20\n0\n10\n9\n20\n9\n10\n0\n20\n0\n");

        foreach ([$new, $old, $byPoint] as $drawing) {
            self::assertSame([['layer' => 'A', 'points' => [[0.0, 0.0], [9.0, 0.0], [9.0, 9.0]]]], $drawing->outlines);
            self::assertSame([], $drawing->notUnderstood());
        }
    }

    public function test_open_ones_are_lines_on_their_layer(): void
    {
        $drawing = self::read("0\nLWPOLYLINE\n8\nRIDGE\n70\n0\n10\n0\n20\n0\n10\n9\n20\n0\n10\n9\n20\n9\n");

        self::assertSame(['RIDGE', 'RIDGE'], array_column($drawing->lines, 'layer'));
        self::assertSame([9.0, 0.0], $drawing->lines[1]['from']);
    }

    public function test_what_is_curved_or_broken_is_counted_and_left_out(): void
    {
        $drawing = self::read("0\nLWPOLYLINE\n8\nA\n70\n1\n10\n0\n20\n0\n42\n0.5\n10\n9\n20\n0\n10\n9\n20\n9\n0\nLINE\n8\nB\n10\nnowhere\n20\n0\n11\n1\n21\n1\n0\nLWPOLYLINE\n8\nC\n70\n1\n10\n1\n20\n1\n");

        self::assertSame([], $drawing->outlines);
        self::assertSame(['curved', 'broken', 'too-few-corners'], array_column($drawing->notUnderstood(), 'what'));
    }

    public function test_the_unit_is_read_from_the_head(): void
    {
        foreach ([1 => 'in', 2 => 'ft', 4 => 'mm', 6 => 'm', 0 => null, 99 => null] as $code => $unit) {
            self::assertSame($unit, (new DxfReader)->read("0\nSECTION\n2\nHEADER\n9\n\$INSUNITS\n70\n$code\n0\nENDSEC\n0\nEOF\n")->unit);
        }
    }

    public function test_variables_with_names_of_their_own_do_not_hide_the_unit(): void
    {
        $head = "0\nSECTION\n2\nHEADER\n9\n\$ACADVER\n1\nAC1015\n9\n\$CLAYER\n8\nROOF\n9\n\$UCSNAME\n2\nSOUTH\n9\n\$DIMBLK\n2\n_OPEN\n9\n\$INSUNITS\n70\n4\n9\n\$PUCSNAME\n2\n\n0\nENDSEC\n";

        self::assertSame('mm', (new DxfReader)->read("{$head}0\nEOF\n")->unit);
        self::assertCount(1, (new DxfReader)->read("{$head}0\nSECTION\n2\nENTITIES\n".self::SQUARE."0\nENDSEC\n0\nEOF\n")->outlines);
    }

    public function test_what_nobody_sees_in_the_drawing_is_listed_and_left_out(): void
    {
        $tables = "0\nSECTION\n2\nTABLES\n0\nTABLE\n2\nLAYER\n0\nLAYER\n2\nFROZEN\n70\n1\n62\n7\n0\nLAYER\n2\nOFF\n70\n0\n62\n-7\n0\nLAYER\n2\nA\n70\n0\n62\n7\n0\nENDTAB\n0\nENDSEC\n";
        $on = static fn (string $layer, string $more = ''): string => str_replace("8\nA\n", "8\n$layer\n$more", self::SQUARE);
        $drawing = (new DxfReader)->read("{$tables}0\nSECTION\n2\nENTITIES\n".$on('A').$on('FROZEN').$on('OFF').$on('A', "67\n1\n").$on('A', "60\n1\n").$on('A', "230\n0.7\n")."0\nENDSEC\n0\nEOF\n");

        self::assertCount(1, $drawing->outlines);
        self::assertSame([['hidden', 'FROZEN', 1], ['hidden', 'OFF', 1], ['paper', 'A', 1], ['hidden', 'A', 1], ['tilted', 'A', 1]], array_map(array_values(...), $drawing->notUnderstood()));
    }

    public function test_what_is_drawn_from_behind_is_turned_round(): void
    {
        $drawing = self::read(self::SQUARE."210\n0\n220\n0\n230\n-1\n0\nLINE\n8\nA\n10\n1\n20\n2\n11\n3\n21\n4\n230\n-1\n");

        self::assertSame([[-0.0, 0.0], [-9.0, 0.0], [-9.0, 9.0], [-0.0, 9.0]], $drawing->outlines[0]['points']);
        self::assertSame([1.0, 2.0], $drawing->lines[0]['from']);
    }

    public function test_a_file_that_breaks_off_is_refused(): void
    {
        try {
            (new DxfReader)->read("0\nSECTION\n2\nENTITIES\n".self::SQUARE);
            self::fail('taken');
        } catch (DocumentFault $fault) {
            self::assertSame('dxf-cut-off', $fault->faults[0]->code);
        }
    }

    public function test_letters_of_any_coding_and_codes_within_texts(): void
    {
        $text = static fn (string $type, string $words): string => "0\nSECTION\n2\nENTITIES\n0\n$type\n8\nN\n10\n1\n20\n1\n1\n$words\n0\nENDSEC\n0\nEOF\n";
        $read = static fn (string $file): string => (new DxfReader)->read($file)->texts[0]['text'];
        $page = static fn (string $name): string => "0\nSECTION\n2\nHEADER\n9\n\$DWGCODEPAGE\n3\n$name\n0\nENDSEC\n";

        self::assertSame('Süd 6:12', $read($text('TEXT', 'Süd 6:12')));
        self::assertSame('Süd 6:12', $read("\xEF\xBB\xBF".$text('TEXT', 'Süd 6:12')));
        self::assertSame('Süd', $read($page('ANSI_1252').$text('TEXT', "S\xFCd")));
        self::assertSame('Юг', $read($page('ANSI_1251').$text('TEXT', "\xDE\xE3")));
        self::assertSame('Süd', $read(mb_convert_encoding("\u{FEFF}".$text('TEXT', 'Süd'), 'UTF-16LE', 'UTF-8')));
        self::assertSame('Ω 45°', $read($text('TEXT', '\U+03A9 45%%d')));
        self::assertSame('South 4:12', $read($text('MTEXT', '{\fSans|b0|i0;\H2.5x;South}\P\A1;\C3;4:12')));
        self::assertSame('1/2 a\b', $read($text('MTEXT', '\S1#2; a\\\\b')));
    }

    private static function read(string $entities): DxfDrawing
    {
        return (new DxfReader)->read("0\nSECTION\n2\nENTITIES\n{$entities}0\nENDSEC\n0\nEOF\n");
    }
}
