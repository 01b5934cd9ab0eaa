<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property int $crew_id
 * @property string $name
 * @property int $revision number of the newest revision
 * @property \Illuminate\Support\Carbon $updated_at
 */
final class Job extends Model
{
    /** @use HasFactory<\Database\Factories\JobFactory> */
    use HasFactory, HasUlids;

    protected $fillable = ['crew_id', 'name', 'revision'];

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

    public function newest(): JobRevision
    {
        return $this->at($this->revision);
    }

    public function at(int $number): JobRevision
    {
        return $this->revisions()->where('number', $number)->firstOrFail();
    }
}
