<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;

/** JSON that was saved with a byte order mark is read without it. */
final class WithoutMark
{
    public const MARK = "\xEF\xBB\xBF";

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $content = $request->isJson() ? (string) $request->getContent() : '';
        if (str_starts_with($content, self::MARK)) {
            $fields = json_decode(substr($content, strlen(self::MARK)), true);
            $request->setJson(new InputBag(is_array($fields) ? $fields : []));
        }

        return $next($request);
    }
}
