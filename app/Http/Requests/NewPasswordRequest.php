<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rules\Password;

final class NewPasswordRequest extends WordedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['password' => ['bail', 'required', 'string', 'max:200', Password::defaults()]];
    }
}
