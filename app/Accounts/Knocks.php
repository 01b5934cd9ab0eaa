<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * Counts who knocks: each try is counted before it is looked at, so that many at once pass no more than the limit. A try
 * that fits is taken off again.
 */
final readonly class Knocks
{
    /** Within a minute: for one account, from wherever; and from one network address, for whatever account. */
    private const MOST_AN_ACCOUNT = 6;

    private const MOST_AN_ADDRESS = 40;

    private const SECONDS = 60;

    /** @throws ThrottleRequestsException when it was one too many */
    public function count(string $email, ?string $from): void
    {
        foreach ($this->keys($email, $from) as $key => $most) {
            // The framework's own limiter may lose one of those that come first at once.
            $this->store()->add($key, 0, self::SECONDS);
            if ((int) $this->store()->increment($key) > $most) {
                throw new ThrottleRequestsException(headers: ['Retry-After' => self::SECONDS]);
            }
        }
    }

    public function takeOff(string $email, ?string $from): void
    {
        [$account, $address] = array_keys($this->keys($email, $from));
        $this->store()->forget($account);
        $this->store()->decrement($address);
    }

    private function store(): Repository
    {
        return Cache::store((string) config('cache.limiter'));
    }

    /** @return array<string, int> */
    private function keys(string $email, ?string $from): array
    {
        return ['knock|account|'.self::folded($email) => self::MOST_AN_ACCOUNT, "knock|address|$from" => self::MOST_AN_ADDRESS];
    }

    /** An address as the database compares it: capitals, accents and blanks at the end do not make another one. */
    private static function folded(string $email): string
    {
        $row = DB::selectOne('select hex(weight_string(cast(? as char(190) character set utf8mb4) collate utf8mb4_unicode_ci)) as weight', [$email]);

        return hash('xxh128', (string) ($row->weight ?? mb_strtolower($email)));
    }
}
