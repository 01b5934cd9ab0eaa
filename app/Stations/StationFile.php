<?php

declare(strict_types=1);

namespace App\Stations;

use Closure;

/** A file a job leaves in. */
final readonly class StationFile
{
    /**
     * @param  string  $name  as in its address
     * @param  string  $type  MIME
     * @param  Closure(Edition): ?string  $make  null where this job has no such file
     */
    public function __construct(public string $name, public string $type, public Closure $make)
    {
    }
}
