<?php

declare(strict_types=1);

namespace App\Models;

use App\Accounts\Role;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;

/**
 * @property int $id
 * @property int $crew_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property Role $role
 * @property Crew $crew
 */
final class User extends Authenticatable
{
    /** @use HasFactory<\Database\Factories\UserFactory> */
    use HasFactory, Notifiable;

    protected $fillable = ['crew_id', 'name', 'email', 'password', 'role'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class];
    }

    /** A link to set a password leads nowhere once it was set in any way. */
    protected static function booted(): void
    {
        self::updated(static function (self $user): void {
            if ($user->wasChanged('password')) {
                PasswordReset::query()->where('user_id', $user->id)->delete();
            }
        });
    }

    /** @return BelongsTo<Crew, $this> */
    public function crew(): BelongsTo
    {
        return $this->belongsTo(Crew::class);
    }
}
