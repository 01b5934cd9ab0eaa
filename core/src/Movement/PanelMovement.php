<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

/** How panels of one length move, and how their hems are set. */
final readonly class PanelMovement
{
    /**
     * @param  non-empty-list<string>  $panels  ids
     * @param  non-empty-list<string>  $faces  ids of the faces they lie on
     * @param  float  $length  of the panel, inches
     * @param  float  $moving  of it that moves at the hem: from the fixed point, inches
     * @param  float  $total  how far its hem travels between cold and hot, inches
     * @param  float  $atHead  how far its head travels, inches
     * @param  float  $hem  depth of its hem, inches
     * @param  list<HemWindow>  $windows  from cold to hot
     * @param  HemWindow|null  $today  for the metal as warm as it is; null where nobody has measured it
     */
    public function __construct(public array $panels, public array $faces, public float $length, public float $moving, public float $total, public float $atHead, public float $hem, public array $windows, public ?HemWindow $today)
    {
    }

    /** Whether there is a setting at all: one day's is every day's. */
    public function isOpen(): bool
    {
        return $this->windows === [] || $this->windows[0]->isOpen();
    }
}
