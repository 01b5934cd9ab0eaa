<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

/** What lies on a plane and is replaced in kind; inches. */
final readonly class OldPanels
{
    public function __construct(public float $cover, public ?float $seamHeight = null)
    {
    }

    /**
     * Panels a width takes, the last one cut.
     *
     * @param  float  $width  inches
     */
    public function count(float $width): int
    {
        return self::over($width, $this->cover);
    }

    /** @param  float  $cover  inches, of panels that are laid over the same width */
    public static function over(float $width, float $cover): int
    {
        // A tape's tolerance makes no panel.
        return (int) max(1, ceil($width / $cover - 0.125 / $cover));
    }
}
