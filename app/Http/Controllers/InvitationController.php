<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\InvitationMail;
use App\Http\Requests\AcceptInvitationRequest;
use App\Http\Requests\InviteRequest;
use App\Http\Resources\UserResource;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;

final class InvitationController
{
    private const DAYS_OPEN = 7;

    /** The link is shown once; only its hash is kept. */
    public function store(InviteRequest $request): JsonResponse
    {
        $member = $request->member();
        $crew = $member->crew()->firstOrFail();
        Gate::authorize('invite', $crew);
        $token = Str::random(48);
        $email = mb_strtolower($request->string('email')->toString());
        $crew->invitations()->where('email', $email)->whereNull('accepted_at')->delete();
        $crew->invitations()->create([
            'invited_by' => $member->id,
            'email' => $email,
            'role' => $request->string('role')->toString(),
            'token_hash' => Invitation::hash($token),
            'expires_at' => now()->addDays(self::DAYS_OPEN),
        ]);
        $link = url("/join/$token");
        Mail::to($email)->send(new InvitationMail($crew->name, $link));

        return new JsonResponse(['link' => $link], 201);
    }

    public function destroy(Request $request, int $invitation): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        $crew = $user->crew()->firstOrFail();
        Gate::authorize('invite', $crew);
        $crew->invitations()->findOrFail($invitation)->delete();

        return response()->noContent();
    }

    public function show(string $token): JsonResponse
    {
        $invitation = $this->open($token);

        return new JsonResponse(['crew' => $invitation->crew->name, 'email' => $invitation->email, 'role' => $invitation->role->value]);
    }

    public function accept(AcceptInvitationRequest $request, string $token): JsonResponse
    {
        $user = DB::transaction(function () use ($request, $token): User {
            $invitation = $this->open($token, true);
            abort_if(User::query()->where('email', $invitation->email)->exists(), 404);
            $invitation->update(['accepted_at' => now()]);

            return User::query()->create([
                'crew_id' => $invitation->crew_id,
                'name' => $request->string('name')->toString(),
                'email' => $invitation->email,
                'password' => $request->string('password')->toString(),
                'role' => $invitation->role,
            ]);
        });
        $request->session()->flush();
        Auth::guard('web')->login($user->refresh());
        $request->session()->regenerate();

        return new JsonResponse(['user' => new UserResource($user)], 201);
    }

    private function open(string $token, bool $lock = false): Invitation
    {
        $query = Invitation::query()->with('crew')->open()->where('token_hash', Invitation::hash($token));

        return ($lock ? $query->lockForUpdate() : $query)->firstOrFail();
    }
}
