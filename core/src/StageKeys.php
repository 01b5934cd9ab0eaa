<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Ground\Rules\HouseRule;

/** What results of stages are kept under: a hash of just what each needs and reads. */
final class StageKeys
{
    /** @var array<string, string> by stage, or by what is read */
    private array $known = [];

    public function __construct(private readonly Job $job, private readonly Circumstances $circumstances)
    {
    }

    /** @param  class-string<Stage<StageResult>>  $stage */
    public function of(string $stage): string
    {
        return $this->known[$stage] ??= hash('xxh128', implode(' ', [
            $stage,
            $this->covering(),
            serialize($this->job->rules->own([...array_map(static fn (HouseRule $rule): string => $rule->key, $stage::rules()), ...$stage::reads()])),
            ...array_map($this->of(...), $stage::needs()),
            ...array_map($this->said(...), $stage::reads()),
        ]));
    }

    /** @param  string  $read  a part of the job, something of today, or a house rule, which is told already */
    private function said(string $read): string
    {
        return $this->known[$read] ??= match (true) {
            is_subclass_of($read, Circumstance::class) => hash('xxh128', serialize($this->circumstances->part($read))),
            is_subclass_of($read, JobPart::class) => hash('xxh128', serialize($this->job->part($read))),
            default => '',
        };
    }

    /** Its house rules apart: of those each stage has its own. */
    private function covering(): string
    {
        $said = get_object_vars($this->job->covering);
        unset($said['rules']);

        return $this->known['covering'] ??= hash('xxh128', serialize([$this->job->rules->units(), $said]));
    }
}
