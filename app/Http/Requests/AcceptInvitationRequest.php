<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rules\Password;

final class AcceptInvitationRequest extends WordedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['bail', 'required', 'string', 'max:120'], 'password' => ['bail', 'required', 'string', 'max:200', Password::defaults()]];
    }
}
