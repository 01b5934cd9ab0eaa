<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Role;
use Illuminate\Validation\Rule;

final class InviteRequest extends WordedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['email' => ['required', 'email', 'max:190', Rule::unique('users', 'email')], 'role' => ['required', Rule::enum(Role::class)]];
    }
}
