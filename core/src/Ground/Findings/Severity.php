<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Findings;

/** Block: no order goes out. Settle: decide before cutting. Note: worth knowing. */
enum Severity: string
{
    case Block = 'block';
    case Settle = 'settle';
    case Note = 'note';
}
