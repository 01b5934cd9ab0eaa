<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Finder;

use Imbrex\Core\Ground\Geometry\Tolerance;

/**
 * Two faces whose seams can meet on the edge they share, because both count the same inches along it: a seam at u on
 * the first meets one at sign · u + shift on the second.
 */
final readonly class Tie
{
    /** Seams this near (in) to each other meet: far finer than a chalk line, so that no layout meets by luck alone. */
    public const MEETS = 1e-3;

    /**
     * @param  string  $edge  id of the roof's edge
     * @param  string  $one  id of a face, `$other` of the one across the edge
     * @param  float  $sign  1 or −1
     * @param  int  $seams  about how many seams run at it
     * @param  float  $low  u on the first face where the edge begins, `$high` where it ends
     */
    public function __construct(public string $edge, public string $one, public string $other, public float $sign, public float $shift, public int $seams, public float $low, public float $high)
    {
    }

    /** Where a line of the first face comes out on the second. */
    public function across(float $u): float
    {
        return $this->sign * $u + $this->shift;
    }

    /** The same tie looked at from the second face. */
    public function turned(): self
    {
        [$a, $b] = [$this->across($this->low), $this->across($this->high)];

        return new self(
            edge: $this->edge,
            one: $this->other,
            other: $this->one,
            sign: $this->sign,
            shift: -$this->sign * $this->shift,
            seams: $this->seams,
            low: min($a, $b),
            high: max($a, $b),
        );
    }

    /** By how much seams miss each other when module lines run through u on the first and w on the second; 0 to half a cover. */
    public function miss(float $u, float $w, float $cover): float
    {
        $off = fmod(abs($this->across($u) - $w), $cover);

        return min($off, $cover - $off);
    }

    public function meets(float $u, float $w, float $cover): bool
    {
        return $this->miss($u, $w, $cover) <= self::MEETS + Tolerance::LENGTH;
    }
}
