<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property array<string, float|string> $rules company house rules, copied into every new job
 */
final class Crew extends Model
{
    /** @use HasFactory<\Database\Factories\CrewFactory> */
    use HasFactory;

    protected $fillable = ['name', 'rules'];

    protected $attributes = ['rules' => '{}'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rules' => 'array'];
    }

    /** @return HasMany<User, $this> */
    public function members(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class);
    }

    /** @return HasMany<CrewTip, $this> */
    public function tips(): HasMany
    {
        return $this->hasMany(CrewTip::class);
    }

    /** @return HasMany<CrewBuild, $this> */
    public function builds(): HasMany
    {
        return $this->hasMany(CrewBuild::class);
    }

    /** @return HasMany<CrewProfile, $this> */
    public function profiles(): HasMany
    {
        return $this->hasMany(CrewProfile::class);
    }
}
