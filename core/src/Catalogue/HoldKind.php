<?php

declare(strict_types=1);

namespace Imbrex\Core\Catalogue;

enum HoldKind: string
{
    case FloatingClip = 'floating-clip';
    case Clip = 'clip';
    case Slots = 'slots';
    case Cleat = 'cleat';
    case Screws = 'screws';
}
