<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A page says for whom it was opened. Where somebody else has signed in since, in another tab, it gets nothing: one
 * person's edits are never saved under another's name.
 */
final class SamePerson
{
    public const HEADER = 'X-Person';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $said = $request->headers->get(self::HEADER);
        abort_if($said !== null && $said !== (string) $request->user()?->getAuthIdentifier(), 401);

        return $next($request);
    }
}
