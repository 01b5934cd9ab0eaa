<?php

declare(strict_types=1);

namespace Tests\Feature\Survey;

use App\Imports\Dxf\DxfDrawing;
use App\Imports\Dxf\DxfReader;
use PHPUnit\Framework\TestCase;

/** What of a drawing is understood, entity by entity. */
final class DxfReaderTest extends TestCase
{
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

    private static function read(string $entities): DxfDrawing
    {
        return (new DxfReader)->read("0\nSECTION\n2\nENTITIES\n{$entities}0\nENDSEC\n0\nEOF\n");
    }
}
