<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Work;
use App\Plans\Shelves;
use App\Work\Workshop;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether everything is there that is needed: for whoever watches the server. */
final class UpController
{
    /** Under so many free bytes a disk is called full. */
    private const DISK = 200_000_000;

    public function __invoke(Shelves $shelves): JsonResponse
    {
        $parts = [
            'database' => $this->holds(static fn (): bool => DB::selectOne('select 1 as one') !== null),
            'cache' => $this->holds(static fn (): bool => Cache::put('up', 'up', 5) && Cache::get('up') === 'up'),
            // Something waits for longer than a worker that runs would let it.
            'queue' => $this->holds(static fn (): bool => config('queue.default') === 'sync' || Work::query()->whereNull('begun_at')->whereNull('ended_at')->where('created_at', '<', now()->subSeconds(Workshop::PATIENCE))->where('asked_at', '>', now()->subMinute())->doesntExist()),
            'disk' => $this->holds(static fn (): bool => disk_free_space(storage_path()) > self::DISK && $shelves->areOpen()),
        ];
        $isUp = $parts['database'] && $parts['cache'];

        return new JsonResponse(['up' => $isUp, ...$parts, 'version' => (string) config('imbrex.version')], $isUp ? 200 : 503, ['Cache-Control' => 'no-store']);
    }

    /** @param  callable(): bool  $check */
    private function holds(callable $check): bool
    {
        try {
            return $check();
        } catch (Throwable) {
            return false;
        }
    }
}
