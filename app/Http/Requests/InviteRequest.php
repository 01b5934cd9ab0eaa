<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Role;
use Illuminate\Validation\Rule;

/** An address of one's own crew is known to it; of others nothing is told. */
final class InviteRequest extends MemberRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'email' => ['bail', 'required', 'string', 'email', 'max:190', Rule::unique('users', 'email')->where('crew_id', $this->crew()->id)],
            'role' => ['bail', 'required', 'string', Rule::enum(Role::class)],
        ];
    }
}
