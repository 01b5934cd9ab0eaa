<?php

declare(strict_types=1);

namespace App\Plans;

use App\Work\Workshop;
use Illuminate\Support\Facades\Log;
use Imbrex\Core\Plan;
use Throwable;

/** Worked plans, packed, on a shelf. */
final readonly class PlanShelf
{
    /** Unpacked, one of so many bytes takes more memory than a server need have for what is small. */
    private const LARGE = 16_000_000;

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
            $packed = (string) gzuncompress($kept);
            if (strlen($packed) > self::LARGE) {
                Workshop::makeRoom();
            }
            $plan = unserialize($packed);
        } catch (Throwable) {
            $plan = null;
        }
        if (! $plan instanceof Plan) {
            // Spoilt: it is worked again.
            $this->shelf->drop($key);
            Log::warning('A plan that was kept could not be unpacked, and is worked again.');

            return null;
        }

        return $plan;
    }

    public function put(string $key, Plan $plan): void
    {
        $this->shelf->put($key, (string) gzcompress(serialize($plan), 1));
    }
}
