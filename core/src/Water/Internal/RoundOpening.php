<?php

declare(strict_types=1);

namespace Imbrex\Core\Water\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Water\DropStep;
use Imbrex\Core\Water\WaterWay;

/** The way of water round what stands in it. */
final readonly class RoundOpening
{
    /** Beside an opening (in), where water is next. */
    private const BEYOND = 0.5;

    /** @param  array<string, FaceCells>  $cells  by face */
    public function __construct(private array $cells)
    {
    }

    /** @return array{DropStep, Point} along its upper side to the nearer corner, and on beside it */
    public function way(Face $face, string $id, Point $foot): array
    {
        $opening = array_values(array_filter($face->openings, static fn (Opening $one): bool => $one->id === $id))[0];
        $hole = $opening->outline->bounds();
        $isLeft = $foot->u - $hole->left < $hole->right - $foot->u;
        $beside = $isLeft ? $hole->left - self::BEYOND : $hole->right + self::BEYOND;
        if (! $this->isFree($face->id, $beside, $foot->v)) {
            $other = $isLeft ? $hole->right + self::BEYOND : $hole->left - self::BEYOND;
            $beside = $this->isFree($face->id, $other, $foot->v) ? $other : $beside;
        }
        $to = new Point($beside, $foot->v);

        return [new DropStep(WaterWay::Opening, $face->id, $id, $foot, $to), $to];
    }

    /** Whether water can run there, and nothing else stands in its way. */
    private function isFree(string $face, float $u, float $v): bool
    {
        $cell = $this->cells[$face]->at($u, $v);

        return $cell !== null && $cell->low <= $v + self::BEYOND && $cell->high >= $v - self::BEYOND;
    }
}
