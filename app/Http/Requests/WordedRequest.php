<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Imbrex\Stations\Words\Words;

/** A request whose faults say, field by field, what would be accepted (`form.<field>` in the message catalogue). */
abstract class WordedRequest extends FormRequest
{
    /** @return array<string, mixed> */
    abstract public function rules(): array;

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [];
        foreach (array_keys($this->rules()) as $field) {
            $messages[$field] = app(Words::class)->say("form.$field");
        }

        return $messages;
    }

    public function member(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : abort(401);
    }
}
