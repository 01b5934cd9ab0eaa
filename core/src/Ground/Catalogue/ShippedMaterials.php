<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/** Reads data/materials.php. */
final class ShippedMaterials
{
    /** @return array<string, Material> */
    public static function read(): array
    {
        /** @var array<string, array{expansion: float, gauges: non-empty-array<string, float>}> $rows */
        $rows = require __DIR__.'/data/materials.php';
        $materials = [];
        foreach ($rows as $key => $row) {
            $materials[$key] = new Material($key, $row['expansion'], $row['gauges']);
        }

        return $materials;
    }
}
