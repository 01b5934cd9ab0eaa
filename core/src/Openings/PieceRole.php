<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

/** What a piece at an opening does, and the metal round it that it laps with. */
enum PieceRole: string
{
    /** The panel that ends below the opening, those that go on beside it, and the one that begins above. */
    case PanelBelow = 'panel-below';
    case PanelsBeside = 'panels-beside';
    case PanelAbove = 'panel-above';
    /** Down-slope. */
    case Front = 'front';
    case SideLeft = 'side-left';
    case SideRight = 'side-right';
    /** Up-slope, under the panel above. */
    case Back = 'back';
    /** The valley pans of a cricket, its panels and its cap. */
    case SaddleLeft = 'saddle-left';
    case SaddleRight = 'saddle-right';
    case SaddlePanels = 'saddle-panels';
    case SaddleCap = 'saddle-cap';
    /** Under and beside panels laid sideways. */
    case FillBoards = 'fill-boards';
    case SideZees = 'side-zees';
    case CrossPanels = 'cross-panels';
    case RidgeZee = 'ridge-zee';
    /** Set in a kerf of the masonry, over the walls' legs. */
    case CounterFront = 'counter-front';
    case CounterLeft = 'counter-left';
    case CounterRight = 'counter-right';
    case CounterBack = 'counter-back';
    /** Down both slopes of a cricket. */
    case CounterBackLeft = 'counter-back-left';
    case CounterBackRight = 'counter-back-right';
    case Boot = 'boot';

    /** Whether it is a panel round the opening, which is cut with the others. */
    public function isPanel(): bool
    {
        return in_array($this, [self::PanelBelow, self::PanelsBeside, self::PanelAbove], true);
    }

    public function isCounter(): bool
    {
        return str_starts_with($this->value, 'counter-');
    }

    /** Whether it is cut and counted elsewhere: a panel, or what belongs to an edge of a cricket or of sideways panels. */
    public function isElsewhere(): bool
    {
        return $this->isPanel() || in_array($this, [self::SaddleLeft, self::SaddleRight, self::SaddlePanels, self::SaddleCap, self::SideZees, self::CrossPanels], true);
    }
}
