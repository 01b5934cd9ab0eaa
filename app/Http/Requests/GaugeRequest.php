<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class GaugeRequest extends WordedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['after' => ['nullable', 'integer', 'min:0', 'max:999999999']];
    }

    public function lastHeard(): ?int
    {
        return $this->filled('after') ? $this->integer('after') : null;
    }
}
