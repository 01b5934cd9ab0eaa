<?php

declare(strict_types=1);

return [
    // Where Vite says that it watches (bin/imbrex demo --dev); no such file, no watching.
    'hot' => env('IMBREX_HOT', base_path('public/hot')),
    'version' => '0.1.0',

    // Demo mode offers one account per role on the sign-in page. Never set it where real jobs are kept.
    'demo' => (bool) env('IMBREX_DEMO', false),

    // Names this server answers to, by comma; that of APP_URL where left empty. Proxies whose word on the caller's address
    // and scheme is taken, by comma; none where left empty.
    'hosts' => array_values(array_filter(explode(',', (string) env('IMBREX_HOSTS', ''))) ?: [(string) parse_url((string) env('APP_URL', 'http://localhost'), PHP_URL_HOST)]),
    'proxies' => array_values(array_filter(explode(',', (string) env('IMBREX_PROXIES', '')))),

    // How many times the usual a person may ask for within a minute: drills that save without end want more.
    'patience' => max(1, (int) env('IMBREX_PATIENCE', 1)),

    // Services and devices of the outside world, by URL; empty where there are none. Times in seconds.
    'services' => [
        'report' => (string) env('IMBREX_REPORT_URL', ''),
        'gauge' => (string) env('IMBREX_GAUGE_URL', ''),
        'weather' => (string) env('IMBREX_WEATHER_URL', ''),
        'timeout' => (int) env('IMBREX_SERVICE_TIMEOUT', 6),
    ],

    // Where worked plans, what is shown of them and large files are kept for a while.
    'shelves' => (string) env('IMBREX_SHELVES', storage_path('framework/shelves')),

    // The largest job document taken, in bytes.
    'document_limit' => 1_000_000,
];
