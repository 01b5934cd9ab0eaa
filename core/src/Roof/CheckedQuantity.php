<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

/** What a check on a block roof measures. */
enum CheckedQuantity: string
{
    /** True length of an edge. */
    case Length = 'length';
    /** The longest run up a face. */
    case EaveToRidge = 'eaveToRidge';
    case Pitch = 'pitch';
    case EaveHeight = 'eaveHeight';
}
