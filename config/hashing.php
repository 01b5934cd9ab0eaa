<?php

declare(strict_types=1);

return [
    // Bcrypt that looks at the whole of a long password (App\Accounts\WholeHasher).
    'driver' => 'whole',
    'bcrypt' => ['rounds' => env('BCRYPT_ROUNDS', 12)],
    'rehash_on_login' => true,
];
