<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\JobRevision;
use App\Work\Task;
use Closure;
use Imbrex\Core\Plan;
use Imbrex\Stations\Stations;

/** Writes what is shown of a large plan, where that takes long by itself. */
final class MakeSlice extends Task
{
    public function __construct(private readonly int $revision, private readonly string $slice, private readonly ?string $pick, string $key)
    {
        parent::__construct($key);
    }

    protected function make(Closure $tell): void
    {
        $revision = JobRevision::query()->find($this->revision);
        $station = app(Stations::class)->showing($this->slice);
        $write = $station?->slices()[$this->slice] ?? null;
        if ($revision !== null && $write !== null) {
            app(PlanCache::class)->slice($revision, "$this->slice|$this->pick", fn (Plan $plan): array => $write($plan, $this->pick), ofTheLog: $station?->showsTheLog($this->slice) ?? false);
        }
    }
}
