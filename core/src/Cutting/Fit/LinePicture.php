<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Fit;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Face;

/**
 * An edge as drawn and as taped, to be drawn over each other on a face. What they differ by is an inch in forty feet:
 * it is drawn as many times larger as shows it.
 */
final readonly class LinePicture
{
    /** Of the face's longer side that the largest difference may take. */
    private const SHARE = 0.08;

    private const TIMES = [100, 50, 20, 10, 5, 2];

    /**
     * @param  array{Point, Point}  $drawn  face coordinates, inches
     * @param  array{Point, Point}  $fitted  the same, its difference so many times larger
     * @param  list<Point>  $marks  likewise, in the order of the line's
     */
    private function __construct(public int $times, public array $drawn, public array $fitted, public array $marks)
    {
    }

    /** Null where nothing is fitted, or the face lies nowhere. */
    public static function of(FittedLine $line, Face $face): ?self
    {
        if ($line->line === null || $face->frame === null) {
            return null;
        }
        $drawn = (new LineFit($line->line->edge))->on($face->frame);
        $fitted = $line->line->on($face->frame);
        $bounds = $face->outline->bounds();
        $room = self::SHARE * max($bounds->width(), $bounds->height());
        $most = max($drawn[0]->distanceTo($fitted[0]), $drawn[1]->distanceTo($fitted[1]));
        $times = 1;
        foreach (self::TIMES as $larger) {
            if ($most * $larger <= $room) {
                $times = $larger;
                break;
            }
        }
        $plain = new LineFit($line->line->edge);
        $marks = [];
        foreach ($line->marks as $mark) {
            $above = $plain->above($mark);
            // The place on the drawn line under the mark, and so many times as far up from it.
            $foot = $drawn[0]->v + ($mark->at->u - $drawn[0]->u) * ($drawn[1]->v - $drawn[0]->v) / ($drawn[1]->u - $drawn[0]->u);
            if ($mark->frame === $face->frame) {
                $marks[] = new Point($mark->at->u, $foot + $times * $above);
            }
        }

        return new self($times, $drawn, [self::larger($drawn[0], $fitted[0], $times), self::larger($drawn[1], $fitted[1], $times)], $marks);
    }

    private static function larger(Point $from, Point $to, int $times): Point
    {
        return new Point($from->u + $times * ($to->u - $from->u), $from->v + $times * ($to->v - $from->v));
    }
}
