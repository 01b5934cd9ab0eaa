<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

enum HoldKind: string
{
    case FloatingClip = 'floating-clip';
    case Clip = 'clip';
    case Slots = 'slots';
    case Cleat = 'cleat';
    case Screws = 'screws';
}
