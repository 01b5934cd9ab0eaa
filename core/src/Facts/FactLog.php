<?php

declare(strict_types=1);

namespace Imbrex\Core\Facts;

/** What happened to a job, in the order it happened, whatever order it was told in. */
final readonly class FactLog
{
    /** @param  list<Fact>  $facts */
    private function __construct(private array $facts)
    {
    }

    /** @param  list<Fact>  $told  as they came in: of one id the first counts; of two at one moment the one told first happened first */
    public static function of(array $told): self
    {
        $once = [];
        foreach ($told as $fact) {
            $once[$fact->id] ??= $fact;
        }
        $facts = array_values($once);
        usort($facts, static fn (Fact $one, Fact $other): int => $one->at <=> $other->at);

        return new self($facts);
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @return list<Fact> all that was told, what was corrected and the corrections with it */
    public function all(): array
    {
        return $this->facts;
    }

    /** @return list<Fact> what holds, as it was last corrected */
    public function standing(FactKind ...$kinds): array
    {
        /** @var array<string, array<string, mixed>|null> $corrected by fact: what is said otherwise; null where it never was */
        $corrected = [];
        foreach ($this->facts as $fact) {
            if ($fact->kind === FactKind::Corrected) {
                $corrected[$fact->subject] = $fact->said === [] ? null : [...$corrected[$fact->subject] ?? [], ...$fact->said];
            }
        }
        $standing = [];
        foreach ($this->facts as $fact) {
            $otherwise = array_key_exists($fact->id, $corrected) ? $corrected[$fact->id] : [];
            if ($fact->kind !== FactKind::Corrected && in_array($fact->kind, $kinds, true) && $otherwise !== null) {
                $standing[] = $fact->saying([...$fact->said, ...$otherwise]);
            }
        }

        return $standing;
    }
}
