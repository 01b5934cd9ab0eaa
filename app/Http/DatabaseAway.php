<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Imbrex\Stations\Words\Words;
use PDOException;
use Throwable;

/** What is answered while the database cannot be reached: that it is so, in words, and when to ask again. */
final class DatabaseAway
{
    /** Refused, gone away, lost on the way, too many of us, shutting down. */
    private const AWAY = [2002, 2003, 2006, 2013, 1040, 1053];

    private const ASK_AGAIN_SECONDS = 10;

    /** Null where it is something else that went wrong. */
    public static function answer(Throwable $fault, Request $request): JsonResponse|Response|null
    {
        while ($fault->getPrevious() !== null && ! $fault instanceof PDOException) {
            $fault = $fault->getPrevious();
        }
        if (! $fault instanceof PDOException || ! in_array((int) ($fault->errorInfo[1] ?? $fault->getCode()), self::AWAY, true)) {
            return null;
        }
        $words = app(Words::class)->say('server.away', ['seconds' => self::ASK_AGAIN_SECONDS]);
        $headers = ['Retry-After' => (string) self::ASK_AGAIN_SECONDS, 'Cache-Control' => 'no-store'];

        return $request->is('api/*') || $request->expectsJson() ? new JsonResponse(['message' => $words], 503, $headers) : response()->view('away', ['words' => $words, 'again' => self::ASK_AGAIN_SECONDS], 503, $headers);
    }
}
