<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Hashing\BcryptHasher;

/** Bcrypt looks at 72 bytes of a password and no more: a longer one is hashed whole before. */
final class WholeHasher extends BcryptHasher
{
    private const LOOKED_AT = 72;

    /**
     * @param  string  $value
     * @param  array<string, mixed>  $options
     */
    public function make(#[\SensitiveParameter] $value, array $options = []): string
    {
        return parent::make(self::whole($value), $options);
    }

    /**
     * @param  string  $value
     * @param  string|null  $hashedValue
     * @param  array<string, mixed>  $options
     */
    public function check(#[\SensitiveParameter] $value, $hashedValue, array $options = []): bool
    {
        return parent::check(self::whole($value), (string) $hashedValue, $options);
    }

    private static function whole(#[\SensitiveParameter] string $password): string
    {
        return strlen($password) > self::LOOKED_AT ? base64_encode(hash('sha384', $password, true)) : $password;
    }
}
