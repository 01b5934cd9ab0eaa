<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

/** The wrong answers of marking out that have a name. */
enum Mistake: string
{
    /** The cover taken for the width between the metal's own edges. */
    case CoverForWidth = 'cover-for-width';
    /** What is folded was forgotten. */
    case NoHem = 'no-hem';
    /** Measured from the end it is not measured from. */
    case WrongEnd = 'wrong-end';
    /** Left and right changed over: marked as the face looks, not the back. */
    case Mirrored = 'mirrored';
}
