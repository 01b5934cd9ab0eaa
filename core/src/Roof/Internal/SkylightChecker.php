<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Roof\Deck;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\Roof;

/**
 * Whether a skylight can be kept dry where it is: it wants its pitch, a deck round it, and a flashing made of panel metal
 * where the seams are higher than a ready-made one forms over. Trade practice; the maker of the skylight has the word.
 */
final readonly class SkylightChecker
{
    public function __construct(private Covering $covering)
    {
    }

    /**
     * @param  array<string, Deck>  $decks  by face id
     * @return list<Finding>
     */
    public function check(Roof $roof, array $decks): array
    {
        $findings = [];
        foreach ($roof->faces as $face) {
            foreach ($face->openings as $opening) {
                if ($opening->kind === OpeningKind::Skylight) {
                    array_push($findings, ...$this->on($face, $opening, $decks[$face->id] ?? null));
                }
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function on(Face $face, Opening $skylight, ?Deck $deck): array
    {
        $rules = $this->covering->rules;
        $names = ['skylight' => $skylight->name, 'face' => $face->name];
        $findings = [];
        $least = $rules->number('opening.skylightPitch');
        if ($face->pitch->riseIn12 < $least - Tolerance::LENGTH) {
            $findings[] = Finding::block('roof.skylight-pitch', $face->id, [...$names, 'pitch' => Amount::pitch($face->pitch->riseIn12), 'least' => Amount::pitch($least)]);
        }
        $most = $rules->number('opening.readyMadeHeight');
        if ($skylight->readyMade && $this->covering->profile->family->isConcealed() && $this->covering->profile->height > $most + Tolerance::LENGTH) {
            $findings[] = Finding::settle('roof.skylight-seams', $face->id, [...$names, 'height' => Length::ofInches($this->covering->profile->height), 'most' => Length::ofInches($most)]);
        }
        if ($deck !== null && ! $deck->kind->isSolid()) {
            $findings[] = Finding::settle('roof.skylight-deck', $face->id, [...$names, 'deck' => $deck->kind->value]);
        }

        return $findings;
    }
}
