<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What was released for ordering, as it stood then.
 *
 * @property int $id
 * @property string $job_id
 * @property int $number counted within its job, from 1
 * @property int $revision
 * @property int $facts number of the newest fact that was known
 * @property array<string, mixed> $lines
 * @property string $released_by_name
 * @property \Illuminate\Support\Carbon $created_at
 */
final class Order extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['job_id', 'number', 'revision', 'facts', 'lines', 'released_by', 'released_by_name'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lines' => 'array'];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return HasMany<OrderFile, $this> */
    public function files(): HasMany
    {
        return $this->hasMany(OrderFile::class);
    }
}
