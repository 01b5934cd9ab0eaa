<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\JobRevision;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin JobRevision */
final class RevisionResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'number' => $this->number,
            'author' => $this->author_name,
            'change' => $this->change,
            'aside' => $this->aside,
            'savedAt' => $this->created_at->toIso8601String(),
        ];
    }
}
