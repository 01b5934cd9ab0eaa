<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Catalogue\Material;
use Imbrex\Core\Catalogue\Profile;

/** What the roof is covered with. */
final readonly class System
{
    public function __construct(
        public Profile $profile,
        public Material $material,
        public string $gauge,
        public bool $ventedRidge,
    ) {
    }
}
