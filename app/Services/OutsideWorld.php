<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;

/** Asks a service over HTTP for JSON, and waits no longer than a person would. */
final readonly class OutsideWorld
{
    private const MOST_BYTES = 1_000_000;

    public function __construct(private Factory $http)
    {
    }

    /**
     * @return array<mixed>
     *
     * @throws ServiceFault
     */
    public function ask(string $service, string $path): array
    {
        $base = (string) config("imbrex.services.$service");
        if ($base === '') {
            throw ServiceFault::silent($service);
        }
        try {
            $response = $this->http->connectTimeout(2)->timeout((int) config('imbrex.services.timeout'))->withoutRedirecting()->acceptJson()->get(rtrim($base, '/').'/'.$path);
        } catch (ConnectionException) {
            throw ServiceFault::silent($service);
        }
        if ($response->status() === 404) {
            throw ServiceFault::unknown($service);
        }
        if (! $response->successful()) {
            throw ServiceFault::failing($service);
        }
        $body = $response->body();
        $answer = strlen($body) > self::MOST_BYTES ? null : json_decode($body, true, 12);

        return is_array($answer) ? $answer : throw ServiceFault::garbage($service);
    }
}
