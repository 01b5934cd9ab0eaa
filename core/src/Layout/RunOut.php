<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Survey\Squareness;

/** How far the rakes of a face run out of square to its eave, and where that goes: under the trims, or into tapered end panels. */
final readonly class RunOut
{
    /**
     * @param  float|null  $left  inches the top of the left rake lies to the right of square; null without a rake there
     * @param  float  $over  inches up the slope it runs out over
     * @param  bool  $hidden  under the rake trims, which hide up to `$limit` inches
     */
    private function __construct(public ?float $left, public ?float $right, public float $over, public bool $hidden, public float $limit)
    {
    }

    /** Null where both rakes are square. A surveyed plane that is ordered as a rectangle still runs out as it was taped. */
    public static function of(Face $face, ?Squareness $squareness, RuleSet $rules): ?self
    {
        $limit = $rules->number('survey.hiddenUnderRake');
        $bounds = $face->outline->bounds();
        [$left, $right] = $squareness === null ? self::drawn($face) : [$squareness->left, $squareness->right];
        if (max(abs($left ?? 0.0), abs($right ?? 0.0)) < Tolerance::SAME_CUT) {
            return null;
        }

        return new self($left, $right, $bounds->height(), $squareness === null ? false : $squareness->hidden, $limit);
    }

    /** @return array{float|null, float|null} of an outline somebody vouches for: its panels are cut to it */
    private static function drawn(Face $face): array
    {
        $out = [null, null];
        foreach ($face->edges as $side => $kind) {
            [$from, $to] = [$face->outline->corner($side), $face->outline->corner($side + 1)];
            if ($kind === EdgeKind::Rake) {
                // Counter-clockwise: a side that runs down is the left one.
                $isLeft = $to->v < $from->v;
                $out[$isLeft ? 0 : 1] = $isLeft ? $from->u - $to->u : $to->u - $from->u;
            }
        }

        return $out;
    }
}
