<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Survey\Source;

/** A reading taken on a roof that is described by blocks, to be held against what the blocks come to. */
final readonly class Check
{
    /**
     * @param  string  $where  id of an edge for a length, of a face for eave to ridge or a pitch, of a block for its eave height
     * @param  float  $value  inches; rise in 12 for a pitch
     */
    public function __construct(
        public string $id,
        public CheckedQuantity $quantity,
        public string $where,
        public float $value,
        public Source $source,
        public ?string $time = null,
    ) {
    }
}
