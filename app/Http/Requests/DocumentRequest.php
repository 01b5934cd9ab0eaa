<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** A whole job document as the body; the document's own reader says what is wrong with it. */
final class DocumentRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    public function document(): string
    {
        return (string) $this->getContent();
    }

    /** The revision the change was made on, from If-Match; 428 without one. */
    public function base(): int
    {
        $match = trim((string) $this->headers->get('If-Match'), ' "W/');

        return ctype_digit($match) && strlen($match) < 10 ? (int) $match : abort(428, 'If-Match');
    }

    public function member(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : abort(401);
    }
}
