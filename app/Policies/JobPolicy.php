<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A job of another crew does not exist for you: 404, never 403. */
final class JobPolicy
{
    public function view(User $user, Job $job): Response
    {
        return $this->within($user, $job, true);
    }

    public function update(User $user, Job $job): Response
    {
        return $this->atHand($user, $job, $user->role->changesPlans());
    }

    /** Says what happened: whoever stands on the roof may. */
    public function tell(User $user, Job $job): Response
    {
        return $this->atHand($user, $job, true);
    }

    public function release(User $user, Job $job): Response
    {
        return $this->atHand($user, $job, $user->role->releasesOrders());
    }

    public function archive(User $user, Job $job): Response
    {
        return $this->within($user, $job, $user->role->changesPlans());
    }

    /** Deletes it, and brings it back. */
    public function delete(User $user, Job $job): Response
    {
        return $this->within($user, $job, $user->role->deletesJobs());
    }

    public function duplicate(User $user, Job $job): Response
    {
        return $this->within($user, $job, $user->role->changesPlans());
    }

    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return $user->role->changesPlans();
    }

    /** What is put away is read, and no more. */
    private function atHand(User $user, Job $job, bool $may): Response
    {
        $response = $this->within($user, $job, $may);

        return $response->allowed() && $job->archived_at !== null ? Response::deny('archived') : $response;
    }

    private function within(User $user, Job $job, bool $may): Response
    {
        if ($user->crew_id !== $job->crew_id) {
            return Response::denyAsNotFound();
        }

        return $may ? Response::allow() : Response::deny('role');
    }
}
