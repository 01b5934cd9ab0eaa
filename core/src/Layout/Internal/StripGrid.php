<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

use Imbrex\Core\Ground\Geometry\Tolerance;

/** The strips over a span when module lines run through a place; a strip with no metal but noise is none. Inches. */
final readonly class StripGrid
{
    /** @param  float  $start  u of the first strip's left module line; `$count` strips follow, one at least */
    private function __construct(public Span $span, public float $cover, public float $start, public int $count)
    {
    }

    /** @param  float  $module  u of any module line */
    public static function over(Span $span, float $cover, float $module): self
    {
        $before = (int) ceil(($module - $span->left - Tolerance::ON_LINE) / $cover);
        $start = $module - $before * $cover;

        return new self($span, $cover, $start, max(1, (int) ceil(($span->right - $start - Tolerance::ON_LINE) / $cover)));
    }

    /** Width of the first strip's metal, were it to end square at the span's left. */
    public function first(): float
    {
        return $this->count === 1 ? $this->span->width() : min($this->cover, $this->start + $this->cover - $this->span->left);
    }

    /** Width of the last strip's metal; the first one's where there is only one. */
    public function last(): float
    {
        return $this->count === 1 ? $this->span->width() : min($this->cover, $this->span->right - $this->start - ($this->count - 1) * $this->cover);
    }
}
