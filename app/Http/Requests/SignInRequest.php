<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class SignInRequest extends WordedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['email' => ['bail', 'required', 'string', 'email', 'max:190'], 'password' => ['bail', 'required', 'string', 'max:200']];
    }
}
