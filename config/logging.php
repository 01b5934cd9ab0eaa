<?php

declare(strict_types=1);

use App\Logging\StructuredLog;
use Monolog\Handler\NullHandler;

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        // A file a day, a line of JSON an entry, without personal data; kept for so many days.
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/imbrex.log'), 'level' => env('LOG_LEVEL', 'info'), 'days' => (int) env('LOG_DAYS', 14), 'tap' => [StructuredLog::class]],
        'stderr' => ['driver' => 'monolog', 'handler' => Monolog\Handler\StreamHandler::class, 'with' => ['stream' => 'php://stderr'], 'tap' => [StructuredLog::class]],
        'null' => ['driver' => 'monolog', 'handler' => NullHandler::class],
    ],
];
