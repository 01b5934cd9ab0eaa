<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * @property string $id
 * @property int $crew_id
 * @property string $name
 * @property int $revision number of the newest revision; numbers of revisions kept aside lie between
 * @property \Illuminate\Support\Carbon|null $archived_at from when on it is put away: read, not changed
 * @property \Illuminate\Support\Carbon|null $deleted_at
 * @property \Illuminate\Support\Carbon $updated_at
 */
final class Job extends Model
{
    /** @use HasFactory<\Database\Factories\JobFactory> */
    use HasFactory, HasUlids, MassPrunable, SoftDeletes;

    /** A deleted job can be had back for so long. */
    public const KEPT_DAYS = 30;

    protected $fillable = ['crew_id', 'name', 'revision', 'archived_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime'];
    }

    /** @return BelongsTo<Crew, $this> */
    public function crew(): BelongsTo
    {
        return $this->belongsTo(Crew::class);
    }

    /** @return HasMany<JobRevision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(JobRevision::class);
    }

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class);
    }

    /** @return Builder<self> those nobody wanted back in time */
    public function prunable(): Builder
    {
        return self::onlyTrashed()->where('deleted_at', '<', now()->subDays(self::KEPT_DAYS));
    }

    public function newest(): JobRevision
    {
        return $this->at($this->revision);
    }

    public function at(int $number): JobRevision
    {
        return $this->revisions()->where('number', $number)->firstOrFail();
    }
}
