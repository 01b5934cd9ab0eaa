<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\Roof;

/** Puts openings on their faces and says which of them do not lie there. */
final readonly class OpeningPlacer
{
    /** @param  list<Opening>  $openings */
    public function place(Roof $roof, array $openings): Roof
    {
        if ($openings === []) {
            return $roof;
        }
        $byFace = [];
        $findings = [];
        foreach ($openings as $opening) {
            $face = $roof->face($opening->face);
            $opening = $face === null ? $opening : $opening->on($face);
            if ($face === null || ! $this->touches($face, $opening)) {
                $findings[] = Finding::settle($face === null ? 'roof.opening-homeless' : 'roof.opening-off', $opening->face, ['opening' => $opening->name, 'face' => $face->name ?? $opening->face]);
            } else {
                $byFace[$face->id][] = $opening;
            }
        }

        return new Roof(
            array_map(static fn (Face $face): Face => isset($byFace[$face->id]) ? $face->with($byFace[$face->id]) : $face, $roof->faces),
            $roof->edges,
            [...$roof->findings, ...$findings],
        );
    }

    /** A chimney at a ridge reaches past its face; one that lies wholly elsewhere is a slip. */
    private function touches(Face $face, Opening $opening): bool
    {
        $region = $face->region();
        foreach ([$opening->outline->insidePoint(), ...$opening->outline->corners] as $point) {
            if ($region->contains($point)) {
                return true;
            }
        }
        foreach ($face->outline->corners as $corner) {
            if ($opening->outline->contains($corner)) {
                return true;
            }
        }

        return false;
    }
}
