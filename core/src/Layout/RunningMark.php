<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Layout\Finder\Tie;
use Imbrex\Core\Layout\Internal\RunningMarkKind;

/** A mark to snap, as a running distance from the control line: inches, negative to its left. */
final readonly class RunningMark
{
    /**
     * @param  bool  $check a seam to check the run by while laying (house rule: every so many panels)
     * @param  string|null  $across  id of the face over the ridge whose seam lies nearest
     * @param  float|null  $theirs  that seam's running distance from its own control line, inches
     * @param  float|null  $miss  inches between the two seams
     */
    public function __construct(public float $distance, public RunningMarkKind $kind, public bool $check, public ?string $across = null, public ?float $theirs = null, public ?float $miss = null)
    {
    }

    /** Whether its seam meets the one across the ridge. */
    public function meets(): bool
    {
        return $this->miss !== null && $this->miss <= Tie::MEETS;
    }

    public function meeting(string $across, float $theirs, float $miss): self
    {
        return new self($this->distance, $this->kind, $this->check, $across, $theirs, $miss);
    }
}
