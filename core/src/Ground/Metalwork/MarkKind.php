<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

enum MarkKind: string
{
    case Cut = 'cut';
    case Bend = 'bend';
    case Notch = 'notch';
}
