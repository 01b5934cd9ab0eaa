<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Layout\Finder\Tie;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;

/** Gathers faces into groups by the ridges, hips and pitch changes across which seams are wanted in line. */
final readonly class TieFinder
{
    /** Both faces must count the same inches (to this) along the edge they share. */
    private const SAME_RUN = 1.0 / 64.0;

    private const TIES = [EdgeKind::Ridge, EdgeKind::Hip, EdgeKind::Transition];

    public function __construct(private float $cover)
    {
    }

    /** @return list<FaceGroup> in the order of their first faces */
    public function groups(Roof $roof): array
    {
        $ties = [];
        $loose = [];
        foreach ($roof->edges as $edge) {
            if (! in_array($edge->kind, self::TIES, true) || count($edge->faces) !== 2) {
                continue;
            }
            [$one, $other] = [$roof->face($edge->faces[0]), $roof->face($edge->faces[1])];
            $tie = $one === null || $other === null ? null : $this->tie($edge, $one, $other);
            if ($tie !== null) {
                $ties[] = $tie;
            } else {
                $loose[] = ['edge' => $edge->id, 'faces' => $edge->faces];
            }
        }
        $home = [];
        foreach ($roof->faces as $face) {
            $home[$face->id] = $face->id;
        }
        foreach ($ties as $tie) {
            [$from, $to] = [$home[$tie->other], $home[$tie->one]];
            $home = array_map(static fn (string $id): string => $id === $from ? $to : $id, $home);
        }
        $groups = [];
        foreach (array_unique($home) as $root) {
            $faces = array_values(array_filter($roof->faces, static fn (Face $f): bool => $home[$f->id] === $root));
            if ($faces !== []) {
                $groups[] = new FaceGroup(
                    self::byShape($faces),
                    array_values(array_filter($ties, static fn (Tie $t): bool => $home[$t->one] === $root)),
                    array_values(array_filter($loose, static fn (array $l): bool => array_intersect($l['faces'], array_column($faces, 'id')) !== [])),
                );
            }
        }

        return $groups;
    }

    /**
     * The largest first, then by what they look like: the search begins at the first, and neither names nor the order of blocks may tell where seams fall.
     *
     * @param  non-empty-list<Face>  $faces
     * @return non-empty-list<Face>
     */
    private static function byShape(array $faces): array
    {
        $looks = static fn (Face $face): array => array_map(Tolerance::step(...), [-$face->areaSquareFeet(), $face->pitch->degrees(), ...array_merge(...array_map(static fn (Point $corner): array => [$corner->u, $corner->v], $face->outline->corners))]);
        usort($faces, static fn (Face $a, Face $b): int => $looks($a) <=> $looks($b));

        return $faces;
    }

    /** Null where the same stretch of the edge counts more inches across one face than across the other. */
    private function tie(Edge $edge, Face $one, Face $other): ?Tie
    {
        if ($one->frame === null || $other->frame === null) {
            return null;
        }
        [$u1, $u2] = [$one->frame->toDeck($edge->from)->u, $one->frame->toDeck($edge->to)->u];
        [$w1, $w2] = [$other->frame->toDeck($edge->from)->u, $other->frame->toDeck($edge->to)->u];
        if (abs(abs($u2 - $u1) - abs($w2 - $w1)) > self::SAME_RUN || abs($u2 - $u1) < self::SAME_RUN) {
            return null;
        }
        $sign = ($u2 - $u1) * ($w2 - $w1) > 0.0 ? 1.0 : -1.0;

        return new Tie(
            edge: $edge->id,
            one: $one->id,
            other: $other->id,
            sign: $sign,
            shift: ($w1 + $w2) / 2.0 - $sign * ($u1 + $u2) / 2.0,
            seams: max(1, (int) round(abs($u2 - $u1) / $this->cover)),
            low: min($u1, $u2),
            high: max($u1, $u2),
        );
    }
}
