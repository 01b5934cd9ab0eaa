<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Words\Words;

/** Says what of a document is not taken, field by field. */
final class DocumentRefused
{
    public static function answer(DocumentFault $fault): JsonResponse
    {
        $faults = $fault->inWords(app(Words::class));

        return new JsonResponse(['message' => $faults[0]['message'], 'faults' => $faults], 422);
    }
}
