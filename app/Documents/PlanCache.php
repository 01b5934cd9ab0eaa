<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\JobRevision;
use Illuminate\Contracts\Cache\Repository;
use Imbrex\Core\Plan;

/** A plan is a pure function of its document, so it and its slices are kept by the document's hash. */
final readonly class PlanCache
{
    private const KEPT_SECONDS = 86_400;

    public function __construct(
        private Repository $cache,
        private JobReader $reader,
        private PlanSlices $slices,
        private PlanShelf $shelf,
    ) {
    }

    public function slice(JobRevision $revision, string $station, ?string $pick): Slice
    {
        $tag = hash('xxh128', implode('|', [$revision->hash, $station, $pick, app()->getLocale(), Programme::version()]));
        /** @var string $json */
        $json = $this->cache->remember("slice.$tag", self::KEPT_SECONDS, fn (): string => $this->worked(
            $revision,
            fn (Plan $plan): string => (string) json_encode($this->slices->slice($plan, $station, $pick), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
        ));

        return new Slice($json, $tag);
    }

    public function plan(JobRevision $revision): Plan
    {
        return $this->shelf->take($revision->hash) ?? Plan::for($this->reader->read($revision->document));
    }

    /** @param  callable(Plan): string  $write */
    private function worked(JobRevision $revision, callable $write): string
    {
        $plan = $this->plan($revision);
        $before = $plan->worked();
        $json = $write($plan);
        if ($plan->worked() > $before) {
            $this->shelf->put($revision->hash, $plan);
        }

        return $json;
    }
}
