<?php

declare(strict_types=1);

namespace App\Plans;

use App\Work\Workshop;
use Closure;
use Illuminate\Support\Facades\Log;
use Imbrex\Core\Plan;
use Imbrex\Core\Results;
use Imbrex\Core\StageResult;
use Imbrex\Core\Stages;
use Throwable;

/** What stages came to, on a shelf, each under a key of just what it follows from. What is sooner worked than read again is not kept. */
final class KeptResults implements Results
{
    /** Nanoseconds: reading a result takes about so long. */
    private const SOONER_WORKED = 2_000_000;

    /** Unpacked, one of so many bytes takes more memory than a server need have for what is small. */
    private const LARGE = 16_000_000;

    /** Bytes taken off the shelf by now: a plan comes in parts. */
    private int $taken = 0;

    /** Nanoseconds taken by what was worked within what is being worked. */
    private int $within = 0;

    public function __construct(private readonly Shelf $shelf)
    {
    }

    public function of(string $key, Closure $work): StageResult
    {
        $kept = $this->take($key);
        if ($kept instanceof StageResult) {
            return $kept;
        }
        [$begun, $before, $this->within] = [hrtime(true), $this->within, 0];
        $result = $work();
        $took = hrtime(true) - $begun;
        if ($took - $this->within > self::SOONER_WORKED) {
            $this->put($key, $result);
        }
        // What is put away counts as within: it is not the work of whoever asked for it.
        $this->within = $before + hrtime(true) - $begun;

        return $result;
    }

    /** Something else a plan is made of, or null where it is not kept. */
    public function take(string $key): ?object
    {
        $kept = $this->shelf->take($key);
        if ($kept === null) {
            return null;
        }
        $this->taken += strlen($kept);
        if ($this->taken > self::LARGE) {
            Workshop::makeRoom();
        }
        try {
            $unpacked = unserialize($kept);
        } catch (Throwable) {
            $unpacked = null;
        }
        if (! is_object($unpacked)) {
            // Spoilt: it is worked again.
            $this->shelf->drop($key);
            Log::warning('A result that was kept could not be unpacked, and is worked again.');

            return null;
        }

        return $unpacked;
    }

    public function put(string $key, object $what): void
    {
        $this->shelf->put($key, serialize($what));
    }

    /** Whether all that takes long of a plan was worked before, so that the rest of it is there at once. */
    public function haveAllOf(Plan $plan): bool
    {
        return $this->shelf->has('all of '.self::allOf($plan));
    }

    public function keptAllOf(Plan $plan): void
    {
        $this->shelf->put('all of '.self::allOf($plan), '');
    }

    /** Steps a plan asks of stages nothing is kept of. */
    public function stepsLeft(Plan $plan): float
    {
        $steps = 0.0;
        foreach (Stages::IN_ORDER as $stage) {
            $own = array_sum(array_column($stage::effort($plan->job, $plan->circumstances), 'steps'));
            if ($own > 0.0 && ! $this->shelf->has($plan->key($stage))) {
                $steps += $own;
            }
        }

        return $steps;
    }

    private static function allOf(Plan $plan): string
    {
        return implode(' ', array_map($plan->key(...), array_values(Stages::IN_ORDER)));
    }
}
