<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Support\Str;

/** A link that lets in whoever has it, once: it is shown or sent, and only its hash is kept. */
final readonly class OneTimeLink
{
    private function __construct(public string $link, public string $hash)
    {
    }

    /** @param  string  $path  of the page it leads to */
    public static function to(string $path): self
    {
        $token = Str::random(48);

        // The address is the configured one, whatever a request says its host is.
        return new self(rtrim((string) config('app.url'), '/')."/$path/$token", self::hash($token));
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** Whether mail reaches anybody: otherwise links are shown to an owner. */
    public static function isMailed(): bool
    {
        return ! in_array(config('mail.default'), ['log', 'array', null], true);
    }
}
