<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Internal;

use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerRole;

/** Where the fasteners of a layer stand along its edge. */
final readonly class FastenerLine
{
    /**
     * @param  list<float>  $at  running from one end, inches; empty where they stand at ribs, or there are none
     * @param  int  $pieces  how many there are of what is so fastened: one length of the edge, or a zee for every pan
     * @param  bool  $isPerPan  whether it is one pan's
     */
    private function __construct(public array $at, public int $pieces, public bool $isPerPan)
    {
    }

    /**
     * So far from each end, and between as many as keep to the spacing.
     *
     * @param  float  $length  of the edge, inches
     * @param  float  $pan  clear of the seams' legs along the edge, inches
     * @param  float  $module  from seam to seam along the edge, inches
     */
    public static function of(Layer $layer, float $length, float $pan, float $module): self
    {
        $fastener = $layer->fastener;
        if ($fastener === null || $fastener->spacing <= 0.0) {
            return new self([], 0, false);
        }
        // Zees lie between the seams.
        $perPan = $layer->role === LayerRole::Zee && $layer->lap <= 0.0 && $module < $length;
        $run = ($perPan ? $pan : $length) - 2.0 * $fastener->end;
        $spaces = (int) max(0, ceil($run / $fastener->spacing - 1e-9));
        // A zee's stand evenly between its ends: each presses as much tape. Along an edge one steps by the spacing.
        $step = $perPan && $spaces > 0 ? $run / $spaces : $fastener->spacing;
        $at = array_map(static fn (int $i): float => $run <= 0.0 ? $run / 2.0 + $fastener->end : $fastener->end + min($i * $step, $run), range(0, $spaces));

        return new self($at, $perPan ? (int) ceil($length / $module - 1e-9) : 1, $perPan);
    }

    /** How many fasteners that is, on all rows of the layer. */
    public function count(int $rows): int
    {
        return count($this->at) * $this->pieces * $rows;
    }
}
