<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\DemoAccounts;
use App\Accounts\Knocks;
use App\Accounts\OneTimeLink;
use App\Accounts\Sessions;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\UserResource;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use Imbrex\Stations\Words\Words;

final class SessionController
{
    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse([
            'user' => $user instanceof User ? new UserResource($user) : null,
            'demo' => config('imbrex.demo') ? DemoAccounts::offered() : [],
            'mailed' => OneTimeLink::isMailed(),
        ]);
    }

    public function store(SignInRequest $request, Words $words, Knocks $knocks): JsonResponse
    {
        [$email, $password] = [$request->string('email')->toString(), $request->string('password')->toString()];
        $knocks->count($email, $request->ip());
        $user = User::query()->where('email', $email)->first();
        // As much work for an address nobody has.
        $fits = $user === null ? Hash::make($password) === '' : Hash::check($password, $user->password);
        if ($user === null || ! $fits) {
            throw ValidationException::withMessages(['email' => $words->say('form.sign-in')]);
        }
        $knocks->takeOff($email, $request->ip());
        if (Hash::needsRehash($user->password)) {
            $user->update(['password' => $password]);
        }
        Sessions::begin($user);

        return new JsonResponse(['user' => new UserResource($user)]);
    }

    public function destroy(Request $request): Response
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        // What the browser kept of this person's jobs goes with them.
        return response()->noContent()->header('Clear-Site-Data', '"cache"');
    }

    /** Ends every session of this person, on every device, this one included. */
    public function destroyEverywhere(Request $request): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        Sessions::end($user);

        return $this->destroy($request);
    }
}
