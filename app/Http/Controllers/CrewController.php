<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CrewRulesRequest;
use App\Http\Resources\UserResource;
use App\Models\Crew;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class CrewController
{
    public function show(Request $request): JsonResponse
    {
        $crew = $this->crew($request);
        Gate::authorize('view', $crew);
        $mayInvite = Gate::allows('invite', $crew);

        return new JsonResponse([
            'name' => $crew->name,
            'rules' => (object) $crew->rules,
            'members' => UserResource::collection($crew->members()->orderBy('name')->get()),
            'invitations' => $mayInvite
                ? $crew->invitations()->open()->orderBy('id')->get()->map(static fn (Invitation $i): array => [
                    'id' => $i->id, 'email' => $i->email, 'role' => $i->role->value, 'expiresAt' => $i->expires_at->toIso8601String(),
                ])
                : [],
            'may' => ['invite' => $mayInvite, 'keepCatalogue' => Gate::allows('keepCatalogue', $crew)],
        ]);
    }

    public function updateRules(CrewRulesRequest $request): JsonResponse
    {
        $crew = $this->crew($request);
        Gate::authorize('keepCatalogue', $crew);
        $crew->update(['rules' => $request->houseRules()]);

        return new JsonResponse(['rules' => (object) $crew->rules]);
    }

    private function crew(Request $request): Crew
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user->crew()->firstOrFail();
    }
}
