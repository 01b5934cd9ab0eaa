<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

/** The blocks of a drawing: what is drawn once and placed as often as it is wanted, also within another block. */
final class DxfBlocks
{
    private const DEEPEST = 8;

    /** Of one block's place: a grid of more is a pattern, no roof. */
    private const MOST_PLACES = 400;

    /** @var array<string, array{base: array{float, float}, parts: list<DxfEntity>}> by name in capitals */
    private array $blocks = [];

    /** Places of all blocks together, within one another too. */
    private const MOST_SHOWN = 4_000;

    private int $places = 0;

    private ?string $open = null;

    public function begin(DxfEntity $block): void
    {
        $this->open = strtoupper($block->name);
        $this->blocks[$this->open] = ['base' => $block->points[0] ?? [0.0, 0.0], 'parts' => []];
    }

    public function end(): void
    {
        $this->open = null;
    }

    public function add(DxfEntity $entity): void
    {
        if ($this->open !== null) {
            $this->blocks[$this->open]['parts'][] = $entity;
        }
    }

    /**
     * What a block shows at the places it is put to, in the drawing's own coordinates; parts on layer 0 take the layer of the place.
     *
     * @return iterable<DxfEntity> a place of a block nobody drew, or one within itself, is given back as it is
     */
    public function shown(DxfEntity $place, int $depth = 0): iterable
    {
        $block = $this->blocks[strtoupper($place->name)] ?? null;
        [$columns, $rows] = [max(1, (int) ($place->sizes[70] ?? 1)), max(1, (int) ($place->sizes[71] ?? 1))];
        if ($block === null || $place->broken || $place->points === [] || $depth >= self::DEEPEST || $columns * $rows > self::MOST_PLACES) {
            yield $place;

            return;
        }
        for ($k = 0; $k < $columns * $rows; $k++) {
            if (++$this->places > self::MOST_SHOWN) {
                yield $place;

                return;
            }
            $to = self::mapping($place, $block['base'], $k % $columns, intdiv($k, $columns));
            foreach ($block['parts'] as $part) {
                if ($part->type === 'INSERT') {
                    foreach ($this->shown($part, $depth + 1) as $inner) {
                        yield self::placed($inner, $place, $to);
                    }
                } else {
                    yield self::placed($part, $place, $to);
                }
            }
        }
    }

    /** @param  callable(float, float): array{float, float}  $to */
    private static function placed(DxfEntity $part, DxfEntity $place, callable $to): DxfEntity
    {
        $flat = clone $part;
        $flat->turned();
        $flat->facing = abs(abs($part->facing) - 1.0) < 1e-6 && abs(abs($place->facing) - 1.0) < 1e-6 ? 1.0 : 0.0;
        $moved = $flat->movedBy($to, $place->layer);
        [$across, $up] = [abs($place->sizes[41] ?? 1.0), abs($place->sizes[42] ?? 1.0)];
        if (isset($moved->sizes[40])) {
            $moved->sizes[40] *= $across;
            // A circle drawn wider than high is none any more.
            $moved->curved = $moved->curved || abs($across - $up) > 1e-6 * max($across, $up);
        }
        $moved->invisible = $part->invisible || $place->invisible;
        $moved->onPaper = $part->onPaper || $place->onPaper;

        return $moved;
    }

    /**
     * @param  array{float, float}  $base  the block's own point that is put there
     * @return callable(float, float): array{float, float}
     */
    private static function mapping(DxfEntity $place, array $base, int $column, int $row): callable
    {
        [$x, $y] = $place->points[0];
        [$sx, $sy] = [$place->sizes[41] ?? 1.0, $place->sizes[42] ?? 1.0];
        [$dx, $dy] = [$column * ($place->sizes[44] ?? 0.0), $row * ($place->sizes[45] ?? 0.0)];
        $turn = deg2rad($place->sizes[50] ?? 0.0);
        $facing = $place->facing < 0.0 ? -1.0 : 1.0;

        return static function (float $u, float $v) use ($x, $y, $sx, $sy, $dx, $dy, $turn, $facing, $base): array {
            [$a, $b] = [($u - $base[0]) * $sx + $dx, ($v - $base[1]) * $sy + $dy];

            return [$facing * ($x + $a * cos($turn) - $b * sin($turn)), $y + $a * sin($turn) + $b * cos($turn)];
        };
    }
}
