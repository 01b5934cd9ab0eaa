<?php

declare(strict_types=1);

namespace App\Work;

use App\Models\Work;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Imbrex\Stations\Words\Words;

/** Where what takes long is made, one after the other, beside those who work on other things. */
final readonly class Workshop
{
    /** What nobody has begun after so many seconds has no worker: it is made while one waits. */
    public const PATIENCE = 20;

    /** Longer than so many seconds nothing takes; whoever was at it is gone. */
    public const LONGEST = 180;

    /** What is large may take so much memory: thousands of pages lie open until the last is drawn. */
    private const ROOM = '512M';

    private const BEAT = 'a worker is there';

    /** A worker says so often (s) that it is there, and is taken for gone after a few times that. */
    private const BEAT_EVERY = 3;

    /** Orders of one person that may wait or be under way at once: what is shown asks for one plan, and a file or two. */
    private const MOST_A_PERSON = 8;

    public function __construct(private Dispatcher $queue)
    {
    }

    /**
     * Whether something is waiting or being made.
     *
     * @throws StillWorking if so
     */
    public function lookFor(string $key): void
    {
        $work = Work::query()->where('key', $key)->first();
        if ($work !== null && $work->ended_at === null && $this->hasFallenOver($work)) {
            // Once a worker may have been killed for no fault of what it made; twice it is the work.
            $work->update(['ended_at' => now(), 'failed' => $work->again, 'again' => true]);
        }
        if ($work === null || $work->ended_at !== null || $this->isLost($work)) {
            return;
        }
        $work->update(['asked_at' => now()]);
        throw $work->begun_at === null ? StillWorking::waiting() : StillWorking::at($work->done);
    }

    /**
     * Has something made. Comes back where it must be made on the spot: nobody is there to make it, or what was made a
     * moment ago could not be kept.
     *
     * @throws StillWorking where it is ordered
     */
    public function order(string $key, Task $task): void
    {
        $work = Work::query()->where('key', $key)->first();
        $isFresh = $work?->ended_at?->isAfter(now()->subMinutes(2)) ?? false;
        $isAgain = $isFresh && $work?->again === true && ! $work->failed && $work->done < 1.0;
        abort_if($isFresh && $work?->failed === true, 503, app(Words::class)->say('work.failed'));
        if (($isFresh && ! $isAgain) || ($work !== null && $this->isUnbegun($work))) {
            $this->takeTurns();

            return;
        }
        $work?->delete();
        $person = Auth::id();
        $theirs = Work::query()->where('user_id', $person)->whereNull('ended_at')->where('asked_at', '>', now()->subSeconds(self::LONGEST))->count();
        abort_if($person !== null && $theirs >= self::MOST_A_PERSON, 429, app(Words::class)->say('work.too-many'));
        try {
            Work::query()->create(['key' => $key, 'user_id' => $person, 'asked_at' => now(), 'again' => $isAgain]);
        } catch (UniqueConstraintViolationException) {
            throw StillWorking::waiting();
        }
        $this->queue->dispatch($task);
        // A queue that works at once has it ready by now.
        $this->lookFor($key);
        throw StillWorking::at(1.0);
    }

    private function isLost(Work $work): bool
    {
        return $this->isUnbegun($work) || ($work->begun_at !== null && $work->begun_at->isBefore(now()->subSeconds(self::LONGEST)));
    }

    /** Whoever was at it has ended without a word, on this machine: it fell over, most likely for want of memory. */
    private function hasFallenOver(Work $work): bool
    {
        [$host, $process] = [...explode(':', (string) $work->worker, 2), ''];

        return $host === gethostname() && is_dir('/proc/self') && ! is_dir("/proc/$process");
    }

    private function isUnbegun(Work $work): bool
    {
        return $work->begun_at === null && $work->ended_at === null && $work->created_at->isBefore(now()->subSeconds(self::PATIENCE)) && ! $this->isManned();
    }

    /** Whether a worker is at something, or was a moment ago: what waits behind that is not made by those who serve pages. */
    private function isSomebodyThere(): bool
    {
        /** @var iterable<Work> $begun */
        $begun = Work::query()->whereNotNull('worker')->where('begun_at', '>', now()->subSeconds(self::LONGEST + self::PATIENCE))->get();
        foreach ($begun as $work) {
            $isAtIt = $work->ended_at === null && $work->begun_at?->isAfter(now()->subSeconds(self::LONGEST)) === true && ! $this->hasFallenOver($work);
            if ($isAtIt || ($work->ended_at?->isAfter(now()->subSeconds(self::PATIENCE)) === true && ! $work->failed)) {
                return true;
            }
        }

        return false;
    }

    /** A worker that waits for work says that it is there. */
    public static function beat(): void
    {
        static $last = 0.0;
        if (microtime(true) - $last >= self::BEAT_EVERY) {
            $last = microtime(true);
            Cache::put(self::BEAT, true, 5 * self::BEAT_EVERY);
        }
    }

    /** Room for something large, where this process has less. */
    public static function makeRoom(): void
    {
        if (ini_parse_quantity((string) ini_get('memory_limit')) > 0 && ini_parse_quantity((string) ini_get('memory_limit')) < ini_parse_quantity(self::ROOM)) {
            ini_set('memory_limit', self::ROOM);
        }
    }

    /** Whether a worker waits for work, or is at some. */
    public function isManned(): bool
    {
        return Cache::has(self::BEAT) || $this->isSomebodyThere();
    }

    /**
     * Of those who serve pages one at a time makes something large: the others would leave nobody to serve.
     *
     * @param  (callable(): void)|null  $otherwise  has it made by a worker, where one is there
     *
     * @throws StillWorking while another is at it
     */
    public function takeTurns(?callable $otherwise = null): void
    {
        // The lock goes with the connection, when this answer is given or its process ends.
        $lock = DB::selectOne('SELECT GET_LOCK(?, 0) AS held', [DB::connection()->getDatabaseName().' large work']);
        if ((int) ($lock->held ?? 0) !== 1) {
            if ($otherwise !== null && $this->isManned()) {
                $otherwise();

                return;
            }
            throw StillWorking::waiting();
        }
        self::makeRoom();
    }
}
