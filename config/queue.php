<?php

declare(strict_types=1);

return [
    // `sync` makes everything on the spot, while one waits.
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'table' => 'queued',
            'queue' => 'default',
            // Longer than anything takes (App\Work\Workshop::LONGEST).
            'retry_after' => 200,
            'after_commit' => true,
        ],
    ],
    // What fails is told by its row of `works`.
    'failed' => ['driver' => 'null'],
];
