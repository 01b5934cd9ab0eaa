<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\LinkMail;
use App\Accounts\OneTimeLink;
use App\Accounts\Sessions;
use App\Http\Requests\ChangePasswordRequest;
use App\Http\Requests\ForgottenRequest;
use App\Http\Requests\NewPasswordRequest;
use App\Http\Resources\UserResource;
use App\Models\PasswordReset;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Imbrex\Stations\Words\Words;

final class PasswordController
{
    /** Changing the password signs out every other device. */
    public function update(ChangePasswordRequest $request): Response
    {
        $user = $request->member();
        $user->update(['password' => $request->string('password')->toString()]);
        Sessions::end($user, $request->session()->getId());
        Auth::guard('web')->login($user);

        return response()->noContent();
    }

    /** Sends a link to whoever has an account; the answer is the same for everybody. */
    public function forgotten(ForgottenRequest $request, Words $words): Response
    {
        $user = OneTimeLink::isMailed() ? User::query()->where('email', $request->string('email')->toString())->first() : null;
        if ($user !== null) {
            Mail::to($user->email)->send(new LinkMail($words->say('mail.reset.subject'), $words->say('mail.reset.text', ['link' => PasswordReset::for($user)])));
        }

        return response()->noContent();
    }

    /** Whose password the link is for. */
    public function offer(string $token): JsonResponse
    {
        $user = $this->open($token)->user;

        return new JsonResponse(['name' => $user->name, 'email' => $user->email]);
    }

    /** Sets the password, ends every session, signs in here. */
    public function reset(NewPasswordRequest $request, string $token): JsonResponse
    {
        $user = DB::transaction(function () use ($request, $token): User {
            $reset = $this->open($token, true);
            $user = $reset->user;
            $user->update(['password' => $request->string('password')->toString()]);
            $reset->delete();

            return $user;
        });
        Sessions::end($user);
        Sessions::begin($user);

        return new JsonResponse(['user' => new UserResource($user)]);
    }

    private function open(string $token, bool $lock = false): PasswordReset
    {
        $query = PasswordReset::query()->with('user')->open()->where('token_hash', OneTimeLink::hash($token));

        return ($lock ? $query->lockForUpdate() : $query)->firstOrFail();
    }
}
