<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Units\Length;

/** Panels that cannot be made or carried as they are. */
final readonly class CutReport
{
    public function __construct(private Profile $profile)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<Finding>
     */
    public function on(Face $face, array $panels): array
    {
        $lengths = array_map(static fn (Panel $p): float => $p->orderLength, $panels);
        $long = array_filter($lengths, fn (float $l): bool => $l > $this->profile->longest + Tolerance::LENGTH);
        $short = array_filter($lengths, fn (float $l): bool => $l < $this->profile->shortest - Tolerance::LENGTH);
        $findings = [];
        if ($long !== []) {
            $findings[] = Finding::settle('cut.over-long', $face->id, ['panels' => count($long), 'length' => Length::ofInches(max($long)), 'limit' => Length::ofInches($this->profile->longest)]);
        }
        if ($short !== []) {
            $findings[] = Finding::settle('cut.under-short', $face->id, ['panels' => count($short), 'length' => Length::ofInches(min($short)), 'limit' => Length::ofInches($this->profile->shortest)]);
        }

        return $findings;
    }
}
