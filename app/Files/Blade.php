<?php

declare(strict_types=1);

namespace App\Files;

use Imbrex\Stations\Print\Template;

/** Pages that are written as Blade views. */
final class Blade implements Template
{
    public function fill(string $name, array $data): string
    {
        return view($name, $data)->render();
    }
}
