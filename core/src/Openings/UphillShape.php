<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Openings\Internal\Surround;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;

/** How what is built behind an opening stands, in the opening's own frame: x across from its left side, y up the slope from its low side, z square to the deck; inches. */
final readonly class UphillShape
{
    /** A pan goes on so far (in) under the panels past its reveal, as it is drawn. */
    public const PAST_REVEAL = 1.0;

    public function __construct(private Roof $roof, private Surround $round)
    {
    }

    /** @return list<list<Vector>> the faces of a cricket as they rise over the deck, or the ground of sideways panels as high as the seams */
    public function faces(): array
    {
        $faces = array_values(array_filter($this->roof->faces, fn (Face $face): bool => $face->behind === $this->round->opening->id));

        return array_map(function (Face $face): array {
            $corners = [];
            foreach ($face->outline->corners as $corner) {
                $plan = $face->frame?->toPlan($corner);
                $corners[] = $plan === null ? new Vector(0.0, 0.0, 0.0) : $this->at($plan, $face->frame->plane->at($plan))->plus(new Vector(0.0, 0.0, 1.0), $face->isAcross() ? $this->round->covering->profile->height : 0.0);
            }

            return $corners;
        }, $faces);
    }

    /** @return array<string, list<Point>> valley pans of a cricket, or the ground of sideways panels, as they are seen from above, by role */
    public function fromAbove(): array
    {
        $pans = [];
        foreach ($this->roof->faces as $face) {
            if ($face->behind === $this->round->opening->id && $face->isAcross()) {
                $pans[PieceRole::CrossPanels->value] = array_map(static fn (Vector $corner): Point => new Point($corner->x, $corner->y), $this->faces()[0]);
            }
        }
        foreach ($this->roof->edges as $edge) {
            foreach ($edge->kind === EdgeKind::Valley ? [PieceRole::SaddleLeft, PieceRole::SaddleRight] : [] as $role) {
                if (in_array($this->round->opening->id.($role === PieceRole::SaddleLeft ? '.L' : '.R'), $edge->faces, true)) {
                    $pans[$role->value] = $this->pan($edge);
                }
            }
        }

        return $pans;
    }

    /** @return list<Point> as wide as its reveal and an inch, past its foot by the rule */
    private function pan(Edge $edge): array
    {
        $rules = $this->round->covering->rules;
        [$a, $b] = [$this->at($edge->from, $edge->fromHeight), $this->at($edge->to, $edge->toHeight)];
        [$low, $high] = $edge->fromHeight <= $edge->toHeight ? [$a, $b] : [$b, $a];
        $way = (new Vector($high->x - $low->x, $high->y - $low->y, 0.0))->unit();
        $half = $rules->number('opening.cricketReveal') + self::PAST_REVEAL;
        $foot = $low->plus($way, -$rules->number('trim.saddleFoot'));
        $place = static fn (Vector $at, float $side): Point => new Point($at->x - $way->y * $side * $half, $at->y + $way->x * $side * $half);

        return [$place($foot, -1.0), $place($high, -1.0), $place($high, 1.0), $place($foot, 1.0)];
    }

    private function at(Point $plan, float $height): Vector
    {
        $frame = $this->round->face->frame;
        $bounds = $this->round->opening->outline->bounds();
        if ($frame === null) {
            return new Vector(0.0, 0.0, 0.0);
        }
        $deck = $frame->toDeck($plan);
        $over = $height - $frame->plane->at($plan);
        $pitch = deg2rad($this->round->face->pitch->degrees());

        return new Vector($deck->u - $bounds->left, $deck->v - $bounds->bottom + $over * sin($pitch), $over * cos($pitch));
    }
}
