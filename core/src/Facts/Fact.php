<?php

declare(strict_types=1);

namespace Imbrex\Core\Facts;

/** One thing that happened, as it was told. It is never changed: what was told wrong is corrected by a later fact. */
final readonly class Fact
{
    /**
     * @param  string  $id  made by whoever tells it: told twice it is the same
     * @param  string  $subject  id of what it happened to; of the fact that is corrected
     * @param  array<string, mixed>  $said  what else was told, by its kind; lengths in inches; in a correction what should have been said otherwise, nothing = it never was
     * @param  string  $at  when it happened, `2026-04-02T09:00:00.000Z`
     */
    public function __construct(public string $id, public FactKind $kind, public string $subject, public array $said, public string $at)
    {
    }

    /** @param  array<string, mixed>  $said */
    public function saying(array $said): self
    {
        return new self($this->id, $this->kind, $this->subject, $said, $this->at);
    }
}
