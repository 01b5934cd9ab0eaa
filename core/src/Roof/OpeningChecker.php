<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Rules\RuleSet;
use Imbrex\Core\Units\Length;

/** Says which openings stand where none can: over each other, larger than their face, in a valley. */
final readonly class OpeningChecker
{
    public function __construct(private RuleSet $rules)
    {
    }

    /** @return list<Finding> */
    public function check(Roof $roof): array
    {
        $findings = [];
        foreach ($roof->faces as $face) {
            foreach ($face->openings as $i => $opening) {
                array_push($findings, ...$this->large($face, $opening), ...$this->valley($face, $opening));
                foreach (array_slice($face->openings, $i + 1) as $other) {
                    if ($this->overlap($opening, $other)) {
                        $findings[] = Finding::settle('roof.opening-over', $face->id, ['opening' => $opening->name, 'other' => $other->name]);
                    }
                }
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function large(Face $face, Opening $opening): array
    {
        [$own, $of] = [$opening->outline->bounds(), $face->outline->bounds()];

        return $own->width() < $of->width() && $own->height() < $of->height() ? [] : [Finding::settle('roof.opening-large', $face->id, [
            'opening' => $opening->name, 'face' => $face->name, 'width' => Length::ofInches($own->width()), 'height' => Length::ofInches($own->height()),
        ])];
    }

    /** @return list<Finding> a boot has no flat to lie on there, and all of the valley's water on it */
    private function valley(Face $face, Opening $opening): array
    {
        if ($opening->kind !== OpeningKind::Pipe) {
            return [];
        }
        $wants = $opening->width() / 2.0 + $this->rules->number('opening.offValley');
        foreach ($face->edges as $side => $kind) {
            $off = $kind === EdgeKind::Valley ? $opening->centre()->distanceToLine($face->outline->corner($side), $face->outline->corner($side + 1)) : INF;
            if ($off < $wants) {
                return [Finding::settle('roof.opening-valley', $face->id, ['opening' => $opening->name, 'off' => Length::ofInches($off), 'wants' => Length::ofInches($wants)])];
            }
        }

        return [];
    }

    private function overlap(Opening $one, Opening $other): bool
    {
        if (! $one->outline->bounds()->meets($other->outline->bounds())) {
            return false;
        }
        foreach ([[$one, $other], [$other, $one]] as [$a, $b]) {
            foreach ([$a->outline->insidePoint(), ...$a->outline->corners] as $place) {
                // What only touches does not overlap.
                $middle = $a->centre();
                if ($b->outline->contains(new Point($place->u + 0.01 * ($middle->u - $place->u), $place->v + 0.01 * ($middle->v - $place->v)))) {
                    return true;
                }
            }
        }

        return false;
    }
}
