<?php

declare(strict_types=1);

namespace App\Models;

use App\Accounts\OneTimeLink;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A forgotten password's way back, for an hour and for one use.
 *
 * @property int $id
 * @property int $user_id
 * @property string $token_hash
 * @property \Illuminate\Support\Carbon $created_at
 * @property User $user
 */
final class PasswordReset extends Model
{
    use MassPrunable;

    public const UPDATED_AT = null;

    public const MINUTES_OPEN = 60;

    protected $fillable = ['user_id', 'token_hash'];

    /** The link for a person; those made before lead nowhere any more. */
    public static function for(User $user): string
    {
        $link = OneTimeLink::to('reset');
        self::query()->where('user_id', $user->id)->delete();
        self::query()->create(['user_id' => $user->id, 'token_hash' => $link->hash]);

        return $link->link;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @param  Builder<self>  $query */
    public function scopeOpen(Builder $query): void
    {
        $query->where('created_at', '>', now()->subMinutes(self::MINUTES_OPEN));
    }

    /** @return Builder<self> */
    public function prunable(): Builder
    {
        return self::query()->where('created_at', '<', now()->subDay());
    }
}
