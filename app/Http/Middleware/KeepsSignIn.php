<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is turned away brings no session of its own. A save that was still under way as its session ended may be answered
 * after somebody has signed in again: its cookie would take the place of theirs, and show them out at once.
 */
final class KeepsSignIn
{
    private const TURNED_AWAY = [Response::HTTP_UNAUTHORIZED, 419];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($request->is('api/*') && in_array($response->getStatusCode(), self::TURNED_AWAY, true)) {
            $response->headers->remove('Set-Cookie');
        }

        return $response;
    }
}
