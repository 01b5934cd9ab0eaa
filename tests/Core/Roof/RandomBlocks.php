<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Eris\Generator;
use Eris\Generator\ChooseGenerator;
use Eris\Generator\ElementsGenerator;
use Eris\Generator\TupleGenerator;
use Eris\Generator\VectorGenerator;
use Imbrex\Core\Roof\Block;

/** Blocks at random: any rotation, mixed pitches and overhangs, up to six of them. */
final class RandomBlocks
{
    public const MOST = 6;

    private const PITCHES = [3, 4, 5, 6, 8, 10, 12];

    /** @return Generator<mixed> */
    public static function drawn(): Generator
    {
        $anything = ElementsGenerator::fromArray([null, ...self::PITCHES]);

        return new VectorGenerator(self::MOST, new TupleGenerator([
            new ChooseGenerator(0, 800), new ChooseGenerator(0, 800), new ChooseGenerator(0, 3600), ElementsGenerator::fromArray([true, false]),
            new ChooseGenerator(100, 700), new ChooseGenerator(100, 500), ElementsGenerator::fromArray([96, 108, 120, 144]),
            ElementsGenerator::fromArray(self::PITCHES), $anything, $anything, $anything, ElementsGenerator::fromArray([0, 9, 12, 14]),
        ]));
    }

    /**
     * @param  list<list<mixed>>  $drawn
     * @param  bool  $level  one eave height and no overhangs, so that nothing can run under anything
     * @return list<Block>
     */
    public static function of(int $count, array $drawn, bool $level): array
    {
        return array_map(static fn (int $i): Block => self::block("b$i", $drawn[$i], $level), range(0, $count - 1));
    }

    /**
     * Walls on a grid of a hundred inches and square to each other, each block off by a little.
     *
     * @param  list<list<mixed>>  $drawn
     * @return list<Block>
     */
    public static function linedUp(int $count, array $drawn, float $off): array
    {
        return array_map(static function (int $i) use ($drawn, $off): Block {
            [$x, $y, $turn, , $length, $width, $height, $first, $second, $third, $fourth, $overhang] = $drawn[$i];
            $round = static fn (int $inches): float => 100.0 * max(1, intdiv($inches, 100));

            return BlockMaker::block("b$i", $round($x) + $off * ($i % 3 - 1), $round($y) - $off * ($i % 2), $round($length), $round($width), [$first, $second, $third, $fourth], $overhang, $height, 90.0 * intdiv((int) $turn, 900));
        }, range(0, $count - 1));
    }

    /** @param  list<mixed>  $drawn */
    private static function block(string $id, array $drawn, bool $level): Block
    {
        [$x, $y, $turn, $square, $length, $width, $height, $first, $second, $third, $fourth, $overhang] = $drawn;
        $turned = $square ? 90.0 * intdiv((int) $turn, 900) : $turn / 10;

        return BlockMaker::block($id, $x, $y, $length, $width, [$first, $second, $third, $fourth], $level ? 0.0 : $overhang, $level ? 108 : $height, $turned);
    }
}
