<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Nothing loads from outside, nothing frames the application. */
final class SecurityHeaders
{
    /** On every answer, files of the front end, too. The style library writes its rules into the page, hence 'unsafe-inline' for styles and for nothing else. */
    public const ALWAYS = [
        'Content-Security-Policy' => "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self'; object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Permissions-Policy' => 'camera=(), microphone=(), geolocation=()',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (self::ALWAYS as $name => $value) {
            $response->headers->set($name, $value);
        }
        if (Vite::isRunningHot() && config('app.debug')) {
            $response->headers->set('Content-Security-Policy', $this->whileWatching());
        }

        return $response;
    }

    /** Vite serves and reloads from an address of its own, and the page that shows a fault has scripts in it. Only with `bin/imbrex demo --dev`. */
    private function whileWatching(): string
    {
        $vite = trim((string) file_get_contents(Vite::hotFile()));
        $socket = (string) preg_replace('/^http/', 'ws', $vite);

        return "default-src 'self' 'unsafe-inline' $vite; connect-src 'self' $vite $socket; img-src 'self' data: $vite; font-src 'self' data: $vite";
    }
}
