<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What was told after a number that is known. */
final class FactsRequest extends WordedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['after' => ['nullable', 'integer', 'min:0', 'max:999999999999']];
    }

    public function since(): int
    {
        return $this->integer('after');
    }
}
