<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\JobRevision;
use App\Work\Task;
use Closure;
use Imbrex\Stations\Stations;

/** Makes a large file of a revision. */
final class MakeFile extends Task
{
    public function __construct(private readonly int $revision, private readonly string $name, private readonly ?string $pick, string $key)
    {
        parent::__construct($key);
    }

    protected function make(Closure $tell): void
    {
        $revision = JobRevision::query()->find($this->revision);
        $file = app(Stations::class)->file($this->name);
        if ($revision !== null && $file !== null) {
            app(FileMaker::class)->make($revision, $file, $this->pick, $tell);
        }
    }
}
