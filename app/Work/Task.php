<?php

declare(strict_types=1);

namespace App\Work;

use App\Models\Work;
use Closure;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Throwable;

/** Something the workshop makes. */
abstract class Task implements ShouldQueue
{
    use Queueable;

    /** What nobody has asked for during so many seconds is not made. */
    private const ASKED_WITHIN = 30;

    public int $tries = 1;

    public int $timeout = Workshop::LONGEST - 20;

    /** In the language of whoever ordered it. */
    private readonly string $language;

    public function __construct(protected readonly string $key)
    {
        $this->language = app()->getLocale();
    }

    final public function handle(): void
    {
        $work = Work::query()->where('key', $this->key)->first();
        if ($work === null || $work->ended_at !== null) {
            return;
        }
        if ($work->asked_at->isBefore(now()->subSeconds(self::ASKED_WITHIN))) {
            $work->delete();

            return;
        }
        $work->update(['begun_at' => now(), 'worker' => gethostname().':'.getmypid()]);
        app()->setLocale($this->language);
        Workshop::makeRoom();
        $this->make(static function (float $done) use ($work): void {
            $work->update(['done' => min(1.0, $done)]);
        });
        $work->update(['done' => 1.0, 'ended_at' => now()]);
    }

    public function failed(?Throwable $why): void
    {
        Work::query()->where('key', $this->key)->update(['ended_at' => now(), 'failed' => true]);
    }

    /** @param  Closure(float): void  $tell  told the share that is done */
    abstract protected function make(Closure $tell): void;
}
