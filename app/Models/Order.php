<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was released for ordering, as it stood then.
 *
 * @property int $id
 * @property int $revision
 * @property array<string, mixed> $lines
 * @property string $released_by_name
 * @property \Illuminate\Support\Carbon $created_at
 */
final class Order extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['job_id', 'revision', 'lines', 'released_by', 'released_by_name'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lines' => 'array'];
    }
}
