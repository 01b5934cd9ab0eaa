<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 60 * 24 * 7,
    'expire_on_close' => false,
    'encrypt' => false,
    'table' => 'sessions',
    'lottery' => [2, 100],
    'cookie' => 'imbrex_session',
    'path' => '/',
    'domain' => null,
    'secure' => (bool) env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
];
