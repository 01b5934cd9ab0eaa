<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Job;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\SurveyInput;

/** About what a face will be, told from the document before anything is worked; for saying what a plan will ask. */
final readonly class ExpectedFace
{
    /** Blocks that meet give each other's faces about a corner each; those behind the nearest few are hidden. */
    private const MOST_MEETINGS = 4;

    /**
     * @param  string  $field  of the document, that it comes from
     * @param  float  $width  along the eave, inches
     * @param  float  $height  up the slope, inches
     * @param  float  $across  inches its sides run along the eave, there and back
     * @param  int  $corners  of its outline
     * @param  int  $columns  places along the eave where one of its corners lies
     */
    private function __construct(public string $field, public float $width, public float $height, public float $across, public int $corners, public int $columns)
    {
    }

    /** @return list<self> */
    public static function of(Job $job): array
    {
        $blocks = $job->part(RoofInput::class)->blocks;

        return [
            ...array_map(static fn (Plane $plane): self => self::ofPlane($plane), $job->part(SurveyInput::class)->planes),
            ...array_merge(...array_map(static fn (Block $block): array => self::ofBlock($block, self::meeting($block, $blocks)), $blocks)),
        ];
    }

    /** @return array<string, list<self>> by the field of the document they come from */
    public static function byField(Job $job): array
    {
        $faces = [];
        foreach (self::of($job) as $face) {
            $faces[$face->field][] = $face;
        }

        return $faces;
    }

    private static function ofPlane(Plane $plane): self
    {
        if ($plane->outline !== null) {
            $bounds = $plane->outline->bounds();

            return new self('roof.planes', $bounds->width(), $bounds->height(), self::acrossOf($plane->outline), count($plane->outline->corners), self::columnsOf($plane->outline));
        }
        $lengths = array_filter($plane->readings, static fn (Reading $reading): bool => $reading->quantity->isLength());
        $longest = max([0.0, ...array_map(static fn (Reading $reading): float => $reading->value, array_values($lengths))]);

        return new self('roof.planes', $longest, $longest, 2.0 * $longest, $plane->cornerCount(), $plane->cornerCount());
    }

    /** @return list<self> one of each sloped side */
    private static function ofBlock(Block $block, int $meetings): array
    {
        $corners = 4 + min($meetings, self::MOST_MEETINGS);
        $faces = [];
        foreach ($block->planes() as $side => $plane) {
            $alongLength = in_array($side, [Side::South->value, Side::North->value], true);
            [$width, $height] = $alongLength ? [$block->length, $block->width] : [$block->width, $block->length];
            $faces[] = new self('roof.blocks', $width, $height, 2.0 * $width, $corners, $corners);
        }

        return $faces;
    }

    /** @param  list<Block>  $blocks */
    private static function meeting(Block $block, array $blocks): int
    {
        $bounds = $block->footprint()->bounds();

        return count(array_filter($blocks, static fn (Block $other): bool => $other !== $block && $bounds->meets($other->footprint()->bounds())));
    }

    /** Inches the sides of an outline run along the eave, there and back. */
    private static function acrossOf(Polygon $outline): float
    {
        $across = 0.0;
        foreach ($outline->corners as $i => $from) {
            $across += abs($outline->corner($i + 1)->u - $from->u);
        }

        return $across;
    }

    private static function columnsOf(Polygon $outline): int
    {
        return count(array_unique(array_map(static fn (Point $corner): string => sprintf('%.3f', $corner->u), $outline->corners)));
    }
}
