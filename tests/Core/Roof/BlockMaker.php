<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Imbrex\Core\HouseRules;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\BlockSide;
use Imbrex\Core\Roof\Internal\BlockRoofBuilder;
use Imbrex\Core\Roof\Roof;

/** Makes blocks for tests. Sides are given south, east, north, west: a rise slopes, null is a gable. */
final class BlockMaker
{
    /**
     * @param  array{float|null, float|null, float|null, float|null}  $rises
     * @param  float|array{float, float, float, float}  $overhangs
     */
    public static function block(string $id, float $x, float $y, float $length, float $width, array $rises, float|array $overhangs = 0.0, float $height = 108.0, float $turned = 0.0): Block
    {
        $sides = [];
        foreach (['south', 'east', 'north', 'west'] as $i => $side) {
            $overhang = is_array($overhangs) ? $overhangs[$i] : $overhangs;
            $sides[$side] = $rises[$i] === null ? BlockSide::gable($overhang) : BlockSide::sloped($rises[$i], $overhang);
        }

        return new Block(
            id: $id,
            name: ucfirst($id),
            x: $x,
            y: $y,
            rotationDegrees: $turned,
            length: $length,
            width: $width,
            eaveHeight: $height,
            sides: $sides,
        );
    }

    /** @param  list<Block>  $blocks */
    public static function roof(array $blocks): Roof
    {
        return (new BlockRoofBuilder(HouseRules::with([])))->build($blocks);
    }

    /** The hipped hall with its gabled wing. */
    public static function boathouse(float $wingHeight = 108.0): Roof
    {
        return self::roof([
            self::block('hall', 0, 0, 672, 360, [6, 6, 6, 6], 14),
            self::block('wing', 384, -192, 216, 372, [null, 6, null, 6], [9, 14, 9, 14], $wingHeight),
        ]);
    }

    /** @return array<string, int> how many edges there are of each kind */
    public static function kinds(Roof $roof): array
    {
        $kinds = [];
        foreach ($roof->edges as $edge) {
            $kinds[$edge->kind->value] = ($kinds[$edge->kind->value] ?? 0) + 1;
        }
        ksort($kinds);

        return $kinds;
    }
}
