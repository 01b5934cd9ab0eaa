<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Findings;

use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\Length;

/**
 * Something wrong or worth knowing: a code with parameters. What it says, by how much, and what to do stands in
 * the message catalogue under `finding.<code>`.
 */
final readonly class Finding
{
    /**
     * @param  string  $where  the id of the plane, face or panel it speaks of
     * @param  array<string, Length|Amount|Term|float|int|string>  $parameters
     * @param  string|null  $stage  which found it; null for what stands before all stages
     */
    private function __construct(
        public string $code,
        public Severity $severity,
        public string $where,
        public array $parameters,
        public ?string $stage = null,
    ) {
    }

    /** The same as a stage's own. */
    public function from(string $stage): self
    {
        return new self($this->code, $this->severity, $this->where, $this->parameters, $stage);
    }

    /** @param  array<string, Length|Amount|Term|float|int|string>  $parameters */
    public static function block(string $code, string $where, array $parameters = []): self
    {
        return new self($code, Severity::Block, $where, $parameters);
    }

    /** @param  array<string, Length|Amount|Term|float|int|string>  $parameters */
    public static function settle(string $code, string $where, array $parameters = []): self
    {
        return new self($code, Severity::Settle, $where, $parameters);
    }

    /** @param  array<string, Length|Amount|Term|float|int|string>  $parameters */
    public static function note(string $code, string $where, array $parameters = []): self
    {
        return new self($code, Severity::Note, $where, $parameters);
    }
}
