<?php

declare(strict_types=1);

namespace App\Plans;

use Imbrex\Core\Plan;
use Throwable;

/** Worked plans, packed, on a shelf. */
final readonly class PlanShelf
{
    public function __construct(private Shelf $shelf)
    {
    }

    /** @param  string  $key  of the document and the circumstances */
    public function take(string $key): ?Plan
    {
        $kept = $this->shelf->take($key);
        if ($kept === null) {
            return null;
        }
        try {
            $plan = unserialize((string) gzuncompress($kept));
        } catch (Throwable) {
            $plan = null;
        }
        if (! $plan instanceof Plan) {
            // Spoilt: it is worked again.
            $this->shelf->drop($key);

            return null;
        }

        return $plan;
    }

    public function put(string $key, Plan $plan): void
    {
        $this->shelf->put($key, (string) gzcompress(serialize($plan), 1));
    }
}
