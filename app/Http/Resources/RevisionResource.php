<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\JobRevision;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin JobRevision */
final class RevisionResource extends JsonResource
{
    private ?int $facts = null;

    /** @param  int  $facts  number of the newest fact */
    public function knowing(int $facts): self
    {
        $this->facts = $facts;

        return $this;
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'number' => $this->number,
            'author' => $this->author_name,
            'change' => $this->change,
            'aside' => $this->aside,
            'savedAt' => $this->created_at->toIso8601String(),
            ...($this->facts === null ? [] : ['facts' => $this->facts]),
        ];
    }
}
