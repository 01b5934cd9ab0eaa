<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Layout\Internal\Span;

/** Where the seams of one face fall, by one choice. */
final readonly class FaceLayout
{
    /**
     * @param  list<Strip>  $strips  from the left rake
     * @param  list<float>  $seams  u of the lines between panels
     * @param  float  $control  u of the control line
     * @param  float|null  $leftRip  width of the first strip where it is cut lengthwise; `$rightRip` of the last
     * @param  float  $narrowestAllowed  by house rule
     * @param  list<Finding>  $findings
     */
    public function __construct(
        public string $face,
        public LayoutChoice $choice,
        public Span $span,
        public array $strips,
        public array $seams,
        public float $control,
        public ?float $leftRip,
        public ?float $rightRip,
        public float $narrowestAllowed,
        public array $findings,
    ) {
    }

    public function fullPanels(): int
    {
        return count($this->strips) - ($this->leftRip === null ? 0 : 1)
            - ($this->rightRip === null || count($this->strips) === 1 ? 0 : 1);
    }

    /** The same layout with its running marks counted from the seam nearest the middle: where two crews part. */
    public function fromTheMiddle(): self
    {
        $middle = $this->span->middle();
        $seam = array_reduce($this->seams, static fn (?float $best, float $u): float => $best === null || abs($u - $middle) < abs($best - $middle) - Tolerance::LENGTH ? $u : $best);

        return new self(
            face: $this->face,
            choice: $this->choice,
            span: $this->span,
            strips: $this->strips,
            seams: $this->seams,
            control: $seam ?? $this->control,
            leftRip: $this->leftRip,
            rightRip: $this->rightRip,
            narrowestAllowed: $this->narrowestAllowed,
            findings: $this->findings,
        );
    }

    /** The narrower of the rips; null when no panel is ripped. */
    public function narrowestRip(): ?float
    {
        $rips = array_filter([$this->leftRip, $this->rightRip], static fn (?float $rip): bool => $rip !== null);

        return $rips === [] ? null : min($rips);
    }

    public function isTooNarrow(): bool
    {
        $rip = $this->narrowestRip();

        return $rip !== null && $rip < $this->narrowestAllowed - Tolerance::LENGTH;
    }
}
