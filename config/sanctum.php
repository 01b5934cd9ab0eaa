<?php

declare(strict_types=1);

// The screens sign in with the session of the web guard; no tokens are handed out.
return [
    'stateful' => [],
    'guard' => ['web'],
    'expiration' => null,
];
