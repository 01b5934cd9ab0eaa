<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Ground\Geometry\Point;

/** What closes one pan at an edge, between its seams. */
final readonly class Closure
{
    /**
     * @param  string  $kind  key of its layer
     * @param  float  $left  on the face, inches from its left end across the panels; `$right` the other end
     * @param  float  $at  where it begins along its line, inches from that one's left end as one looks up the face
     * @param  float  $length  along its line, inches
     * @param  array{Point, Point}  $line  the middle of its foot, from left to right; on the face, inches
     * @param  bool  $isCut  narrower than a pan: cut to a rake, a wall or the end of the edge
     */
    public function __construct(public string $edge, public string $face, public string $kind, public float $left, public float $right, public float $at, public float $length, public array $line, public bool $isCut)
    {
    }

    /** One of so many parts alike, the first from the left; all of it where there is one. */
    public function part(int $i, int $count): self
    {
        $wide = ($this->right - $this->left) / $count;

        return $count === 1 ? $this : new self(
            edge: $this->edge,
            face: $this->face,
            kind: $this->kind,
            left: $this->left + $i * $wide,
            right: $this->left + ($i + 1) * $wide,
            at: $this->at + $i * $this->length / $count,
            length: $this->length / $count,
            line: [$this->along($i / $count), $this->along(($i + 1) / $count)],
            isCut: true,
        );
    }

    /**
     * Places along its line.
     *
     * @param  list<float>  $at  inches from its left end
     * @return list<Point> on the face, inches
     */
    public function places(array $at): array
    {
        return array_map(fn (float $one): Point => $this->along($one / max(1e-9, $this->length)), $at);
    }

    private function along(float $part): Point
    {
        [$from, $to] = $this->line;

        return new Point($from->u + $part * ($to->u - $from->u), $from->v + $part * ($to->v - $from->v));
    }
}
