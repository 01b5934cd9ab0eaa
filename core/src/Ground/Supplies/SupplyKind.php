<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Supplies;

/** What edges take besides their trims, and what holds the field. */
enum SupplyKind: string
{
    case Tape = 'tape';
    case Sealant = 'sealant';
    /** Fills the ribs or the pans' ends. */
    case Foam = 'foam';
    case Vent = 'vent';
    case MetalClosure = 'metal-closure';
    case Fastener = 'fastener';
    case Clip = 'clip';
    /** A pad or a clamp that holds snow. */
    case Guard = 'guard';
    /** Of a snow guard, in clamps. */
    case Rail = 'rail';
    /** Round a pipe. */
    case Boot = 'boot';
    /** Fills pans under panels laid sideways; square feet. */
    case Board = 'board';
    /** Flat metal that the pieces of openings are cut from; square feet. */
    case Flat = 'flat';
    /** Lies under panels that lie on the deck. */
    case SlipSheet = 'slip-sheet';
}
