<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers only to the server's own names, also where a proxy is said to have passed another one on: addresses in mail and in answers are made of it. On a
 * machine of one's own the loopback names are ours, too.
 */
final class KnownHosts
{
    private const LOOPBACK = '/^(localhost|127(\.\d{1,3}){3}|\[::1\])$/';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach (['Host', 'X-Forwarded-Host', 'Forwarded'] as $header) {
            foreach ($this->named($header, (string) $request->headers->get($header)) as $host) {
                abort_unless($this->isOurs($host), 400, 'This server has another name.');
            }
        }

        return $next($request);
    }

    /** @return list<string> names of hosts in a header, in small letters and without their ports */
    private function named(string $header, string $value): array
    {
        if ($header === 'Forwarded') {
            preg_match_all('/(?:^|[;,\s])host\s*=\s*"?([^";,\s]+)/i', $value, $found);
            $value = implode(',', $found[1]);
        }

        return array_map(static fn (string $one): string => strtolower((string) preg_replace('/:\d+$/', '', trim($one))), array_values(array_filter(explode(',', $value), static fn (string $one): bool => trim($one) !== '')));
    }

    private function isOurs(string $host): bool
    {
        return in_array($host, array_map(strtolower(...), (array) config('imbrex.hosts')), true) || (! app()->isProduction() && preg_match(self::LOOPBACK, $host) === 1);
    }
}
