<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\DemoAccounts;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\UserResource;
use App\Models\User;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class SessionController
{
    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse([
            'user' => $user instanceof User ? new UserResource($user) : null,
            'demo' => config('imbrex.demo') ? DemoAccounts::offered() : [],
        ]);
    }

    public function store(SignInRequest $request, Words $words): JsonResponse
    {
        // Whoever was signed in here before is not any more; nothing of their session may linger.
        $request->session()->flush();
        if (! Auth::attempt($request->validated())) {
            throw ValidationException::withMessages(['email' => $words->say('form.sign-in')]);
        }
        $request->session()->regenerate();
        $user = $request->user();
        assert($user instanceof User);

        return new JsonResponse(['user' => new UserResource($user)]);
    }

    public function destroy(Request $request): Response
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }

    /** Ends every session of this person, on every device, this one included. */
    public function destroyEverywhere(Request $request): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        $user->setRememberToken(Str::random(60));
        $user->save();
        DB::table('sessions')->where('user_id', $user->id)->delete();

        return $this->destroy($request);
    }
}
