<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Role;
use Illuminate\Validation\Rule;

final class RoleRequest extends MemberRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['role' => ['bail', 'required', 'string', Rule::enum(Role::class)]];
    }
}
