<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\LinkMail;
use App\Accounts\OneTimeLink;
use App\Accounts\Role;
use App\Accounts\Sessions;
use App\Http\Requests\MemberRequest;
use App\Http\Requests\RoleRequest;
use App\Http\Resources\UserResource;
use App\Models\PasswordReset;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Imbrex\Stations\Words\Words;

/** Members of one's own crew, for those who look after it. */
final class MemberController
{
    /** A member's open sessions end at once. */
    public function update(RoleRequest $request, int $member, Words $words): JsonResponse
    {
        $found = DB::transaction(function () use ($request, $member, $words): User {
            $found = $this->member($request, $member);
            $role = $request->enum('role', Role::class) ?? $found->role;
            $this->keepAnOwner($found, $role, $words);
            $found->update(['role' => $role]);

            return $found;
        });
        if (! $found->is($request->member())) {
            Sessions::end($found);
        }

        return new JsonResponse(['user' => new UserResource($found)]);
    }

    /** What they made stays, by their name. */
    public function destroy(MemberRequest $request, int $member, Words $words): Response
    {
        DB::transaction(function () use ($request, $member, $words): void {
            $found = $this->member($request, $member);
            $this->keepAnOwner($found, null, $words);
            Sessions::end($found);
            $found->delete();
        });

        return response()->noContent();
    }

    /** A way back for a member who forgot the password: mailed to them, or shown where no mail is sent. */
    public function reset(MemberRequest $request, int $member, Words $words): JsonResponse
    {
        $found = $this->member($request, $member);
        $link = PasswordReset::for($found);
        if (OneTimeLink::isMailed()) {
            Mail::to($found->email)->send(new LinkMail($words->say('mail.reset.subject'), $words->say('mail.reset.text', ['link' => $link])));
        }

        return new JsonResponse(['link' => OneTimeLink::isMailed() ? null : $link], 201);
    }

    private function member(MemberRequest $request, int $member): User
    {
        return $request->crew()->members()->lockForUpdate()->findOrFail($member);
    }

    /** A crew without an owner could not be looked after any more. */
    private function keepAnOwner(User $member, ?Role $becomes, Words $words): void
    {
        $others = User::query()->where('crew_id', $member->crew_id)->where('role', Role::Owner)->whereKeyNot($member->id)->lockForUpdate()->count();
        abort_if($member->role === Role::Owner && $becomes !== Role::Owner && $others === 0, 409, $words->say('crew.last-owner'));
    }
}
