<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A panel profile the crew entered itself; copied into a job that uses it.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $key
 * @property array<string, mixed> $definition as in the job document's catalogue.profiles
 */
final class CrewProfile extends Model
{
    protected $fillable = ['crew_id', 'key', 'definition'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['definition' => 'array'];
    }
}
