<?php

declare(strict_types=1);

return [
    'version' => '0.1.0',

    // Demo mode offers one account per role on the sign-in page. Never set it where real jobs are kept.
    'demo' => (bool) env('IMBREX_DEMO', false),

    // The largest job document taken, in bytes.
    'document_limit' => 1_000_000,
];
