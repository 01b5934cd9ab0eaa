<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that is being made by the workshop.
 *
 * @property int $id
 * @property string $key of what is made
 * @property int|null $user_id who asked first
 * @property float $done share that is done
 * @property Carbon $created_at
 * @property Carbon $asked_at when somebody last asked for it
 * @property Carbon|null $begun_at
 * @property Carbon|null $ended_at
 * @property bool $failed
 * @property string|null $worker who is at it: machine and process
 * @property bool $again begun once more: whoever was at it first ended without a word
 */
final class Work extends Model
{
    use MassPrunable;

    public const UPDATED_AT = null;

    protected $fillable = ['key', 'user_id', 'done', 'asked_at', 'begun_at', 'ended_at', 'failed', 'worker', 'again'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['done' => 'float', 'failed' => 'boolean', 'again' => 'boolean', 'asked_at' => 'datetime', 'begun_at' => 'datetime', 'ended_at' => 'datetime'];
    }

    /** @return Builder<self> */
    public function prunable(): Builder
    {
        return self::query()->where('asked_at', '<', now()->subDay());
    }
}
