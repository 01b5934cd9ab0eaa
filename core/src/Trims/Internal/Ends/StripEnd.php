<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Trims\Ends\EndFit;

/** How one strip of a flat ends: inches beyond the point its run is measured to, less than nothing before it. */
final readonly class StripEnd
{
    /**
     * @param  float  $low  inches across the flat, from the edge of the low hem; `$high` the same of its other line
     * @param  float  $from  where it is cut, or folded for a tab, on its low line; `$to` on its high one
     * @param  float|null  $outFrom  where its tab ends on its low line; null where it has none; `$outTo` on its high one
     * @param  float  $inLow  how much narrower the tab is at its end, at its low line; `$inHigh` at its high one
     * @param  bool  $isBent  whether the tab is folded
     */
    private function __construct(
        public float $low,
        public float $high,
        public float $from,
        public float $to,
        public ?float $outFrom = null,
        public ?float $outTo = null,
        public float $inLow = 0.0,
        public float $inHigh = 0.0,
        public bool $isBent = true,
    ) {
    }

    public static function cut(FlatStrip $strip, float $from, float $to): self
    {
        return new self($strip->low, $strip->high, $from, $to);
    }

    /** The part of a strip between two lines, cut square. */
    public static function part(float $low, float $high, float $at): self
    {
        return new self($low, $high, $at, $at);
    }

    /** With a tab beyond where it was cut. */
    public function tab(float $outFrom, float $outTo, float $inLow = 0.0, float $inHigh = 0.0, bool $isBent = true): self
    {
        // Corners that are nicked never meet.
        $most = ($this->high - $this->low) / 2.0;

        return new self(
            low: $this->low,
            high: $this->high,
            from: $this->from,
            to: $this->to,
            outFrom: $outFrom,
            outTo: $outTo,
            inLow: min($inLow, $most),
            inHigh: min($inHigh, $most),
            isBent: $isBent,
        );
    }

    /** With a tab as long all over. */
    public function longer(float $tab, float $inLow = 0.0, float $inHigh = 0.0, bool $isBent = true): self
    {
        return $this->tab($this->from + $tab, $this->to + $tab, $inLow, $inHigh, $isBent);
    }

    /** Moved in or out as a first fit showed. */
    public function fitted(EndFit $fit, float $girth): self
    {
        [$a, $b] = [$fit->at($this->low, $girth), $fit->at($this->high, $girth)];

        return new self(
            low: $this->low,
            high: $this->high,
            from: $this->from + $a,
            to: $this->to + $b,
            outFrom: $this->outFrom === null ? null : $this->outFrom + $a,
            outTo: $this->outTo === null ? null : $this->outTo + $b,
            inLow: $this->inLow,
            inHigh: $this->inHigh,
            isBent: $this->isBent,
        );
    }

    /** Inches beyond the point, folded tabs apart, on the line so far (in) across the flat. */
    public function straightTo(float $across): float
    {
        [$from, $to] = $this->isBent || $this->outFrom === null || $this->outTo === null ? [$this->from, $this->to] : [$this->outFrom, $this->outTo];

        return $from + ($to - $from) * $this->share($across);
    }

    /** Inches a folded tab goes on beyond its fold, on the line so far (in) across the flat. */
    public function foldedBy(float $across): float
    {
        return ! $this->isBent || $this->outFrom === null || $this->outTo === null ? 0.0 : $this->outFrom + ($this->outTo - $this->outFrom) * $this->share($across) - $this->straightTo($across);
    }

    private function share(float $across): float
    {
        return ($across - $this->low) / max(1e-9, $this->high - $this->low);
    }

    public function reach(): float
    {
        return max(array_column($this->outline(), 1));
    }

    /** @return non-empty-list<array{float, float}> across the flat and beyond the point, from its low line to its high one */
    public function outline(): array
    {
        [$from, $to] = [$this->outFrom, $this->outTo];
        if ($from === null || $to === null) {
            return [[$this->low, $this->from], [$this->high, $this->to]];
        }
        // Narrower, it still ends along the same line.
        $out = fn (float $across): array => [$across, $from + ($to - $from) * ($across - $this->low) / ($this->high - $this->low)];

        return [[$this->low, $this->from], $out($this->low + $this->inLow), $out($this->high - $this->inHigh), [$this->high, $this->to]];
    }
}
