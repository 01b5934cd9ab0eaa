<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Who is signed in where. */
final class Sessions
{
    /** Signs somebody in; of whoever was signed in here before nothing lingers. */
    public static function begin(User $user): void
    {
        session()->invalidate();
        Auth::guard('web')->login($user);
        session()->regenerate();
    }

    /** Ends all sessions of a person, but for one where it is named. */
    public static function end(User $user, ?string $butFor = null): void
    {
        $user->setRememberToken(Str::random(60));
        $user->save();
        DB::table('sessions')->where('user_id', $user->id)->when($butFor !== null, static fn ($query) => $query->where('id', '!=', $butFor))->delete();
    }
}
