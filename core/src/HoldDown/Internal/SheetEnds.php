<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\HoldDown\ScrewRow;
use Imbrex\Core\Roof\Face;

/** Tells at what the ends of a face's sheets lie, and so which row of screws runs along them. */
final readonly class SheetEnds
{
    /** Metal ends so near (in) to the edge it belongs to, hems, overhang and what is held back included. */
    private const NEAR = 24.0;

    private const CUT = [EdgeKind::Hip, EdgeKind::Valley];

    /** @param  list<bool>  $closed  by side of the face: whether its ribs are closed there */
    public function __construct(private Face $face, private array $closed)
    {
    }

    /**
     * @param  float  $u  across the face, inches
     * @param  float  $end  where a sheet ends there, up the slope
     */
    public function row(float $u, float $end): ScrewRow
    {
        foreach ($this->face->openings as $opening) {
            $hole = $opening->outline->bounds();
            if ($u > $hole->left - self::NEAR && $u < $hole->right + self::NEAR && $end > $hole->bottom - self::NEAR && $end < $hole->top + self::NEAR && $this->fromEdge($u, $end)[0] > self::NEAR / 2.0) {
                return ScrewRow::Extra;
            }
        }
        [$off, $side] = $this->fromEdge($u, $end);

        return match (true) {
            $side === null || $off > self::NEAR => ScrewRow::End,
            in_array($this->face->edges[$side] ?? null, self::CUT, true) => ScrewRow::Extra,
            $this->closed[$side] ?? false => ScrewRow::Closure,
            default => ScrewRow::End,
        };
    }

    /** @return array{float, int|null} how far from the nearest side over or under a place, inches up the slope, and which */
    private function fromEdge(float $u, float $v): array
    {
        $nearest = [INF, null];
        foreach ($this->face->outline->corners as $side => $from) {
            $to = $this->face->outline->corner($side + 1);
            if (abs($to->u - $from->u) < 1e-6 || $u < min($from->u, $to->u) || $u > max($from->u, $to->u)) {
                continue;
            }
            $off = abs($from->v + ($u - $from->u) / ($to->u - $from->u) * ($to->v - $from->v) - $v);
            $nearest = $off < $nearest[0] ? [$off, $side] : $nearest;
        }

        return $nearest;
    }
}
