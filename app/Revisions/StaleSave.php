<?php

declare(strict_types=1);

namespace App\Revisions;

use App\Models\JobRevision;
use Illuminate\Http\JsonResponse;
use RuntimeException;

/** Somebody saved in between. Both versions go back, and the person decides. */
final class StaleSave extends RuntimeException
{
    private function __construct(private readonly JobRevision $newest, private readonly string $yours)
    {
        parent::__construct('stale save');
    }

    public static function against(JobRevision $newest, string $yours): self
    {
        return new self($newest, $yours);
    }

    public function render(): JsonResponse
    {
        return new JsonResponse([
            'message' => 'stale',
            'theirs' => [
                'revision' => $this->newest->number,
                'author' => $this->newest->author_name,
                'savedAt' => $this->newest->created_at->toIso8601String(),
                'change' => $this->newest->change,
                'document' => $this->newest->decoded(),
            ],
            'yours' => json_decode($this->yours),
        ], 409);
    }

    public function report(): bool
    {
        return true;
    }
}
