<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use Closure;

/** A file a job leaves in. */
final readonly class StationFile
{
    /**
     * @param  string  $name  as in its address
     * @param  string  $type  MIME
     * @param  Closure(Edition): ?string  $make  null where this job has no such file
     * @param  (Closure(Edition): bool)|null  $offered  whether this job has it; null where every job does
     * @param  bool  $ordered  whether a released order keeps it
     * @param  bool  $isDear  whether it takes its time where there are many pieces: then it is made apart, and kept
     * @param  bool  $ofTheLog  whether it shows what is cut by now
     */
    public function __construct(public string $name, public string $type, public Closure $make, private ?Closure $offered = null, public bool $ordered = false, public bool $isDear = false, public bool $ofTheLog = false)
    {
    }

    public function isOffered(Edition $edition): bool
    {
        return $this->offered === null || ($this->offered)($edition);
    }
}
