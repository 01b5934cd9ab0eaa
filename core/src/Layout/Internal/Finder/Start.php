<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Layout\LayoutChoice;

/** A way to start a face, and where it puts the module lines. */
final readonly class Start
{
    /**
     * @param  float  $module  u of one module line, inches
     * @param  string|null  $place  what lies at a control point: `valley-point`
     */
    public function __construct(public LayoutChoice $choice, public float $module, public ?string $place = null)
    {
    }
}
