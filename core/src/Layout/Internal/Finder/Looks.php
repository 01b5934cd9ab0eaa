<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;

/**
 * How closely the search may look at a roof. To tell what metal a face takes it leads one strip across it and looks
 * wherever an edge of its sheet passes a corner; on a roof of tens of thousands of corners it passes over some.
 */
final readonly class Looks
{
    /** A corner passes the edges of sheet and module, of what is cut and of what it is cut from. */
    private const PLACES_A_CORNER = 6;

    /** What cutting any strip asks, in corners of it. */
    private const ANY_STRIP = 8.0;

    /** Corners an opening makes besides its own, by parting what lies round it. */
    public const CORNERS_AN_OPENING = 6;

    /** Looks at a place where some are passed over, to those where none are. */
    private const COARSE = 3.0 / 7.0;

    /** So many corners of strips are looked at and no more: above what any real roof asks. */
    private const MOST = 25_000.0;

    /** @param  float  $share  of the places, how many are looked at: 1 for all */
    private function __construct(public float $share)
    {
    }

    /** @param  float  $cover  inches */
    public static function on(Roof $roof, float $cover): self
    {
        $asked = array_sum(array_map(static fn (Face $face): float => self::askedBy($face, $cover), $roof->faces));

        return new self($asked > self::MOST ? self::MOST / $asked : 1.0);
    }

    /**
     * Corners of strips that are looked at, of those asked for: where not all are, each less closely.
     */
    public static function taken(float $asked): float
    {
        return $asked > self::MOST ? self::MOST * self::COARSE : $asked;
    }

    public function areAll(): bool
    {
        return $this->share >= 1.0;
    }

    /**
     * Corners of strips that are looked at where all are.
     *
     * @param  int  $columns  places along the eave where a corner lies
     * @param  float  $width  of the face, inches
     */
    public static function asked(int $columns, int $corners, float $width, float $cover): float
    {
        return self::PLACES_A_CORNER * $columns * (self::ANY_STRIP + $corners * min(1.0, $cover / max($cover, $width)));
    }

    private static function askedBy(Face $face, float $cover): float
    {
        $loops = $face->region()->loops();
        foreach ($face->openings as $opening) {
            if ($opening->kind->partsPanels()) {
                $loops[] = $opening->outline;
            }
        }
        $corners = array_merge(...array_map(static fn (Polygon $loop): array => $loop->corners, $loops));
        $columns = count(array_unique(array_map(static fn (Point $corner): string => sprintf('%.3f', $corner->u), $corners)));

        return self::asked($columns, count($corners) + (count($loops) - count($face->region()->loops())) * self::CORNERS_AN_OPENING, $face->region()->outline->bounds()->width(), $cover);
    }
}
