<?php

declare(strict_types=1);

namespace App\Work;

use Illuminate\Http\JsonResponse;
use RuntimeException;

/** What was asked for is being made. Whoever asks again gets it when it is there. */
final class StillWorking extends RuntimeException
{
    private function __construct(private readonly float $done, private readonly bool $waiting)
    {
        parent::__construct('still working');
    }

    public static function at(float $done): self
    {
        return new self($done, false);
    }

    /** Others are before it. */
    public static function waiting(): self
    {
        return new self(0.0, true);
    }

    public function render(): JsonResponse
    {
        return new JsonResponse(['working' => ['done' => round($this->done, 3), 'waiting' => $this->waiting]], 202, ['Retry-After' => '1', 'Cache-Control' => 'no-store']);
    }

    public function report(): bool
    {
        return true;
    }
}
