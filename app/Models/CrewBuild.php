<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A build the crew made of one that ships; copied into a job that uses it.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $key
 * @property array<string, mixed> $definition as in the job document's catalogue.builds
 */
final class CrewBuild extends Model
{
    protected $fillable = ['crew_id', 'key', 'definition'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['definition' => 'array'];
    }
}
