<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\JobRevision;
use App\Work\Task;
use Closure;

/** Works the whole plan of a revision. */
final class WorkPlan extends Task
{
    public function __construct(private readonly int $revision, string $key)
    {
        parent::__construct($key);
    }

    protected function make(Closure $tell): void
    {
        $revision = JobRevision::query()->find($this->revision);
        if ($revision !== null) {
            app(PlanCache::class)->work($revision, $tell);
        }
    }
}
