<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Middleware\WithoutMark;
use App\Revisions\Turn;

/** A whole job document as the body; the document's own reader says what is wrong with it. */
final class DocumentRequest extends WordedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['turn' => ['nullable', 'in:undo,redo']];
    }

    /** @return array<string, mixed> what stands in the address; the body has a reader of its own */
    public function validationData(): array
    {
        return $this->query->all();
    }

    /** What the sender says this change is. */
    public function turn(): ?Turn
    {
        return $this->enum('turn', Turn::class);
    }

    public function document(): string
    {
        $content = (string) $this->getContent();

        return str_starts_with($content, WithoutMark::MARK) ? substr($content, strlen(WithoutMark::MARK)) : $content;
    }

    /** The revision the change was made on, from If-Match; 428 without one. */
    public function base(): int
    {
        $match = trim((string) $this->headers->get('If-Match'), ' "W/');

        return ctype_digit($match) && strlen($match) < 10 ? (int) $match : abort(428, 'If-Match');
    }
}
