<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\LinkMail;
use App\Accounts\OneTimeLink;
use App\Accounts\Sessions;
use App\Http\Requests\AcceptInvitationRequest;
use App\Http\Requests\InviteRequest;
use App\Http\Resources\UserResource;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Imbrex\Stations\Words\Words;

final class InvitationController
{
    private const DAYS_OPEN = 7;

    /**
     * The link is mailed, or shown once where no mail is sent; only its hash is kept. Whether an address has an account
     * with another crew is told to nobody.
     */
    public function store(InviteRequest $request, Words $words): JsonResponse
    {
        $crew = $request->crew();
        $link = OneTimeLink::to('join');
        $email = mb_strtolower($request->string('email')->toString());
        $crew->invitations()->where('email', $email)->whereNull('accepted_at')->delete();
        $crew->invitations()->create([
            'invited_by' => $request->member()->id,
            'email' => $email,
            'role' => $request->string('role')->toString(),
            'token_hash' => $link->hash,
            'expires_at' => now()->addDays(self::DAYS_OPEN),
        ]);
        if (OneTimeLink::isMailed()) {
            $named = ['crew' => $crew->name, 'link' => $link->link];
            Mail::to($email)->send(new LinkMail($words->say('mail.invitation.subject', $named), $words->say('mail.invitation.text', $named)));
        }

        return new JsonResponse(['link' => OneTimeLink::isMailed() ? null : $link->link], 201);
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
        Sessions::begin($user->refresh());

        return new JsonResponse(['user' => new UserResource($user)], 201);
    }

    private function open(string $token, bool $lock = false): Invitation
    {
        $query = Invitation::query()->with('crew')->open()->where('token_hash', OneTimeLink::hash($token));

        return ($lock ? $query->lockForUpdate() : $query)->firstOrFail();
    }
}
