<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

/** How the end of a trim is made, by what it meets there. */
enum EndKind: string
{
    /** A tab goes round the rake's face. */
    case RoundRake = 'round-rake';
    /** A tab goes round a corner, over the neighbour that is cut to it. */
    case CornerTab = 'corner-tab';
    case CornerCut = 'corner-cut';
    /** A rake's nose is folded shut at the eave. */
    case NoseFold = 'nose-fold';
    /** Two rakes meet: one has a tab, the other is cut to the line. */
    case MitreTab = 'mitre-tab';
    case MitreCut = 'mitre-cut';
    /** Its end goes under what comes down over it. */
    case UnderCap = 'under-cap';
    /** A wall's flashing runs on under the pan of a valley that begins where the wall ends. */
    case UnderPan = 'under-pan';
    /** A ridge's end is folded down over the rake. */
    case OverRake = 'over-rake';
    /** A ridge's end lies over the points of the hips. */
    case OverHips = 'over-hips';
    case HipFoot = 'hip-foot';
    /** Trimmed to a point under the ridge's cap. */
    case HipPoint = 'hip-point';
    case ValleyFoot = 'valley-foot';
    /** Run on over the panel beside an opening. */
    case SaddleFoot = 'saddle-foot';
    /** Left long, cut when it has been tried. */
    case ValleyHead = 'valley-head';
    /** Turned up a wall, or left long to go under the panel above. */
    case LeftLong = 'left-long';
    case WallTab = 'wall-tab';
    case KickOut = 'kick-out';
    /** Kept back from the ridge. */
    case KeptBack = 'kept-back';
    /** The next length goes on over it, or it over the next. */
    case LapUnder = 'lap-under';
    case LapOver = 'lap-over';
    case Plain = 'plain';
}
