<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    // Where tries are counted.
    'limiter' => env('CACHE_LIMITER', 'database'),
    'stores' => [
        'array' => ['driver' => 'array'],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data')],
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks'],
        'redis' => ['driver' => 'redis', 'connection' => 'cache'],
    ],
    'prefix' => 'imbrex',
];
