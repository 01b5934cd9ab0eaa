<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Crew;
use App\Models\User;

final class CrewPolicy
{
    public function view(User $user, Crew $crew): bool
    {
        return $user->crew_id === $crew->id;
    }

    public function invite(User $user, Crew $crew): bool
    {
        return $user->crew_id === $crew->id && $user->role->invites();
    }

    public function keepTips(User $user, Crew $crew): bool
    {
        return $user->crew_id === $crew->id && $user->role->changesPlans();
    }

    public function keepBuilds(User $user, Crew $crew): bool
    {
        return $user->crew_id === $crew->id && $user->role->changesPlans();
    }

    public function keepCatalogue(User $user, Crew $crew): bool
    {
        return $user->crew_id === $crew->id && $user->role->keepsCatalogue();
    }
}
