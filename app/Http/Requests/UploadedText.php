<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A request that brings one text file. */
abstract class UploadedText extends WordedRequest
{
    private const MOST_KILOBYTES = 4096;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MOST_KILOBYTES]];
    }

    public function text(): string
    {
        $file = $this->file('file');

        return $file instanceof \Illuminate\Http\UploadedFile ? (string) $file->getContent() : '';
    }
}
