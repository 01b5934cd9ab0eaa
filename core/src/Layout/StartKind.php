<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

/** The ways a roofer starts a face. */
enum StartKind: string
{
    case Balanced = 'balanced';
    case OneEnd = 'one-end';
    case CentreSeam = 'centre-seam';
    case CentrePan = 'centre-pan';
    case ControlPoint = 'control-point';
    /** Where the search puts the seams: at the least cost by the house's weights. */
    case Found = 'found';
}
