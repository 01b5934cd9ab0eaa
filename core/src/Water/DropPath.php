<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

/** The way of one drop, from where it falls to where it ends. */
final readonly class DropPath
{
    /**
     * @param  list<DropStep>  $steps
     * @param  string  $by  id of the edge it leaves at
     * @param  string|null  $lap  key of the layer it gets in behind; null where it does not
     */
    public function __construct(public array $steps, public DropEnd $end, public string $by, public ?string $lap = null)
    {
    }
}
