<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Imbrex\Core\Circumstances;
use Imbrex\Core\Movement\MetalToday;

final class PlanRequest extends WordedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'pick' => ['nullable', 'string', 'max:80', 'regex:/^[A-Za-z0-9_.-]+$/'],
            'revision' => ['nullable', 'integer', 'min:1', 'max:999999999'],
            'metal' => ['nullable', 'numeric', 'min:-80', 'max:250'],
        ];
    }

    public function pick(): ?string
    {
        return $this->filled('pick') ? $this->string('pick')->toString() : null;
    }

    public function revision(): ?int
    {
        return $this->filled('revision') ? $this->integer('revision') : null;
    }

    /** What holds today; null where nobody has said. */
    public function today(): ?Circumstances
    {
        return $this->filled('metal') ? Circumstances::of(new MetalToday((float) $this->string('metal')->toString())) : null;
    }
}
