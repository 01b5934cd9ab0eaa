<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

/** How panels of one length move, and how their hems are set. */
final readonly class PanelMovement
{
    /**
     * @param  non-empty-list<string>  $panels  ids
     * @param  float  $length  of the panel, inches
     * @param  float  $moving  of it that moves at the hem: from the fixed point, inches
     * @param  float  $total  how far its hem travels between cold and hot, inches
     * @param  float  $hem  depth of its hem, inches
     * @param  list<HemWindow>  $windows  from cold to hot
     */
    public function __construct(public array $panels, public float $length, public float $moving, public float $total, public float $hem, public array $windows)
    {
    }

    /** Whether there is a setting at all: one day's is every day's. */
    public function isOpen(): bool
    {
        return $this->windows === [] || $this->windows[0]->isOpen();
    }
}
