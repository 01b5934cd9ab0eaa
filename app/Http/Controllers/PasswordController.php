<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangePasswordRequest;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

final class PasswordController
{
    /** Changing the password signs out every other device. */
    public function update(ChangePasswordRequest $request): Response
    {
        $user = $request->member();
        $user->update(['password' => $request->string('password')->toString()]);
        DB::table('sessions')->where('user_id', $user->id)->where('id', '!=', $request->session()->getId())->delete();
        Auth::guard('web')->login($user);

        return response()->noContent();
    }
}
