<?php

declare(strict_types=1);

namespace Simulators;

/** What a stand-in says over HTTP. */
final readonly class Answer
{
    public function __construct(private int $status, private string $body)
    {
    }

    /** @param  array<mixed>  $value */
    public static function json(array $value, int $status = 200): self
    {
        return new self($status, (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
    }

    public function send(): void
    {
        http_response_code($this->status);
        header('Content-Type: application/json');
        echo $this->body;
    }
}
