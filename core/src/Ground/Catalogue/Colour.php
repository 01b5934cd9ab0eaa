<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/** The colour of the metal's coat; bare where it has none. */
enum Colour: string
{
    case Bare = 'bare';
    case White = 'white';
    case Sand = 'sand';
    case LightGrey = 'light-grey';
    case Grey = 'grey';
    case Charcoal = 'charcoal';
    case Black = 'black';
    case Red = 'red';
    case Brown = 'brown';
    case Green = 'green';
    case Blue = 'blue';
}
