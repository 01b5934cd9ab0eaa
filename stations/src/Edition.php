<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use Closure;
use Imbrex\Core\Plan;
use stdClass;

/** One revision of a job as files are made from it. Its plan is worked when it is asked for. */
final class Edition
{
    private ?Plan $plan = null;

    /**
     * @param  Closure(): stdClass  $document
     * @param  Closure(): Plan  $work
     * @param  string|null  $pick  the one piece that was asked for
     * @param  Release|null  $release  where it is made for a released order
     * @param  list<array{place: string, text: string}>  $tips  of the crew, that stand in print
     * @param  (Closure(float): void)|null  $tell  told the share of a long file that is done
     */
    public function __construct(public readonly int $revision, private readonly Closure $document, private readonly Closure $work, public readonly ?string $pick = null, public readonly ?Release $release = null, private readonly ?Closure $tell = null, public readonly array $tips = [])
    {
    }

    public function plan(): Plan
    {
        return $this->plan ??= ($this->work)();
    }

    /** So much of the file is done, of so much. */
    public function tell(int $done, int $of): void
    {
        if ($this->tell !== null) {
            ($this->tell)($done / max(1, $of));
        }
    }

    public function document(): stdClass
    {
        return ($this->document)();
    }
}
