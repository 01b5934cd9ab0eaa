<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

/** What closes one pan at an edge, between its seams. */
final readonly class Closure
{
    /**
     * @param  string  $kind  key of its layer
     * @param  float  $left  on the face, inches from its left end across the panels; `$right` the other end
     * @param  float  $at  where it begins along the edge, inches from the left end as one looks up the face
     * @param  float  $length  along the edge, inches
     * @param  bool  $isCut  narrower than a pan: cut to a rake, a wall or the end of the edge
     */
    public function __construct(public string $edge, public string $face, public string $kind, public float $left, public float $right, public float $at, public float $length, public bool $isCut)
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
            isCut: true,
        );
    }
}
