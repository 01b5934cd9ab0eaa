<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\JobRevision;
use Illuminate\Contracts\Cache\Repository;
use Imbrex\Core\Plan;

/** A plan is a pure function of its document, so its slices are kept by the document's hash. */
final readonly class PlanCache
{
    private const KEPT_SECONDS = 86_400;

    public function __construct(
        private Repository $cache,
        private JobReader $reader,
        private PlanSlices $slices,
    ) {
    }

    public function slice(JobRevision $revision, string $station, ?string $pick): Slice
    {
        $tag = hash('xxh128', implode('|', [$revision->hash, $station, $pick, $this->programme()]));
        /** @var string $json */
        $json = $this->cache->remember("slice.$tag", self::KEPT_SECONDS, fn (): string => (string) json_encode(
            $this->slices->slice($this->plan($revision), $station, $pick),
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        ));

        return new Slice($json, $tag);
    }

    public function plan(JobRevision $revision): Plan
    {
        return Plan::for($this->reader->read($revision->document));
    }

    /** Changes with every change of the programme, so that no slice outlives the code that made it. */
    private function programme(): string
    {
        static $programme = null;
        if (! is_string($programme)) {
            $times = '';
            foreach ([base_path('core/src'), app_path('Documents'), base_path('lang')] as $folder) {
                foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
                    $times .= $file instanceof \SplFileInfo ? $file->getFilename().$file->getMTime() : '';
                }
            }
            $programme = hash('xxh64', $times);
        }

        return $programme;
    }
}
