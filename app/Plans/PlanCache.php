<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\JobRevision;
use App\Stations\JobReader;
use Closure;
use Illuminate\Contracts\Cache\Repository;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Plan;

/** A plan is a pure function of its document, so it and what is shown of it are kept by the document's hash. */
final readonly class PlanCache
{
    private const KEPT_SECONDS = 86_400;

    public function __construct(private Repository $cache, private JobReader $reader, private PlanShelf $shelf)
    {
    }

    /**
     * @param  string  $name  what is shown: of one name there is one writer
     * @param  Closure(Plan): (array<string, mixed>|null)  $write
     */
    public function slice(JobRevision $revision, string $name, Closure $write): Slice
    {
        $tag = hash('xxh128', implode('|', [$this->key($revision), $name, app()->getLocale(), Programme::version()]));
        /** @var string $json */
        $json = $this->cache->remember("slice.$tag", self::KEPT_SECONDS, fn (): string => $this->worked(
            $revision,
            static fn (Plan $plan): string => (string) json_encode($write($plan), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
        ));

        return new Slice($json, $tag);
    }

    public function plan(JobRevision $revision): Plan
    {
        return $this->shelf->take($this->key($revision)) ?? Plan::for($this->reader->read($revision->document), $this->today());
    }

    /** What a plan follows from: its document, and what holds today. */
    private function key(JobRevision $revision): string
    {
        return $revision->hash.$this->today()->key();
    }

    private function today(): Circumstances
    {
        return Circumstances::none();
    }

    /** @param  Closure(Plan): string  $write */
    private function worked(JobRevision $revision, Closure $write): string
    {
        $plan = $this->plan($revision);
        $before = $plan->worked();
        $json = $write($plan);
        if ($plan->worked() > $before) {
            $this->shelf->put($this->key($revision), $plan);
        }

        return $json;
    }
}
