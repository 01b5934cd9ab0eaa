<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Every answer says which version of the screens belongs to this server: a page that was opened before an update learns that there is a newer one. */
final class TellsVersion
{
    public const HEADER = 'X-Version';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set(self::HEADER, self::version());

        return $response;
    }

    /** Empty while the screens are served as they are written. */
    public static function version(): string
    {
        return (string) Vite::manifestHash();
    }
}
