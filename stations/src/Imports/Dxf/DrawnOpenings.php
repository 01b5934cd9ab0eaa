<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

use Imbrex\Core\Ground\Geometry\Bounds;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Roof\OpeningKind;

/** What comes through the drawn faces, as a job describes it: outlines within a face, and circles as pipes. */
final readonly class DrawnOpenings
{
    /** Diameters (in) that may be a pipe: anything else that is round means something else. */
    private const LEAST_PIPE = 0.25;

    private const LARGEST_PIPE = 60.0;

    /** Sides this near to level and upright (in) are square to the slope. */
    private const SQUARE = 0.0625;

    private const MOST_CORNERS = 60;

    /** Corners a circle is drawn with. */
    private const ROUND = 16;

    public function __construct(private DrawnShapes $shapes, private DxfDrawing $drawing, private float $factor)
    {
    }

    /**
     * @param  list<DeckFrame>  $frames  by face
     * @return list<array{opening: array<string, mixed>, drawn: list<Point>}> as a job describes each, and round which corners it is drawn
     */
    public function on(array $frames): array
    {
        $openings = [];
        foreach ($this->shapes->openings as $opening) {
            if (count($opening['polygon']->corners) > self::MOST_CORNERS) {
                $this->drawing->leave('corners', $opening['layer']);

                continue;
            }
            $kind = $this->kind([$opening['layer'], ...$opening['texts']]) ?? OpeningKind::Curb;
            $openings[] = ['opening' => [...$this->described(count($openings), $opening['face'], $kind, $opening['texts']), ...self::placed($opening['polygon'], $kind, $frames[$opening['face']])], 'drawn' => $opening['polygon']->corners];
        }
        foreach ($this->drawing->circles as $circle) {
            $diameter = 2.0 * $circle['radius'] * $this->factor;
            $face = $this->shapes->faceAt($this->shapes->point($circle['at']));
            if ($face === null || $diameter < self::LEAST_PIPE || $diameter > self::LARGEST_PIPE) {
                $this->drawing->leave('CIRCLE', $circle['layer']);

                continue;
            }
            $middle = $this->shapes->point($circle['at']);
            [$u, $v] = $frames[$face]->of($middle);
            $openings[] = ['opening' => [...$this->described(count($openings), $face, OpeningKind::Pipe, []), 'u' => $u, 'v' => $v, 'diameter' => round($diameter, 6)], 'drawn' => self::round($middle, $diameter)];
        }

        return $openings;
    }

    /** @return list<Point> */
    private static function round(Point $middle, float $diameter): array
    {
        return array_map(static fn (int $i): Point => new Point($middle->u + $diameter / 2.0 * cos($i * 2.0 * M_PI / self::ROUND), $middle->v + $diameter / 2.0 * sin($i * 2.0 * M_PI / self::ROUND)), range(0, self::ROUND - 1));
    }

    /**
     * @param  list<string>  $texts
     * @return array<string, mixed>
     */
    private function described(int $number, int $face, OpeningKind $kind, array $texts): array
    {
        $name = array_values(array_filter($texts, static fn (string $text): bool => preg_match('/\p{L}/u', $text) === 1))[0] ?? null;

        return ['id' => 'O'.($number + 1), 'face' => 'P'.($face + 1), 'kind' => $kind->value, ...($name === null ? [] : ['name' => mb_substr($name, 0, 120)])];
    }

    /** @param  list<string>  $words */
    private function kind(array $words): ?OpeningKind
    {
        foreach ($words as $one) {
            $kind = LayerKinds::opening($one);
            if ($kind !== null) {
                return $kind;
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private static function placed(Polygon $polygon, OpeningKind $kind, DeckFrame $frame): array
    {
        $corners = array_map($frame->of(...), $polygon->corners);
        $deck = Polygon::sound(array_map(static fn (array $at): Point => new Point($at[0], $at[1]), $corners));
        $bounds = $deck->bounds();
        if ($kind === OpeningKind::Pipe) {
            return ['u' => ($bounds->left + $bounds->right) / 2.0, 'v' => ($bounds->bottom + $bounds->top) / 2.0, 'diameter' => $bounds->right - $bounds->left];
        }

        return self::isSquare($deck, $bounds)
            ? ['u' => $bounds->left, 'v' => $bounds->bottom, 'width' => round($bounds->right - $bounds->left, 6), 'height' => round($bounds->top - $bounds->bottom, 6)]
            : ['outline' => $corners];
    }

    private static function isSquare(Polygon $deck, Bounds $bounds): bool
    {
        $near = static fn (float $a, float $b): bool => abs($a - $b) < self::SQUARE;
        $atCorner = static fn (Point $at): bool => ($near($at->u, $bounds->left) || $near($at->u, $bounds->right)) && ($near($at->v, $bounds->bottom) || $near($at->v, $bounds->top));

        return count($deck->corners) === 4 && count(array_filter($deck->corners, $atCorner)) === 4;
    }
}
