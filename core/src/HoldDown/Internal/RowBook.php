<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\HoldDown\HoldWish;
use Imbrex\Core\Roof\Deck;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;

/** Where rows of screws run across each face of a roof: on its purlins, or evenly on a solid deck, so that they meet over a ridge. */
final readonly class RowBook
{
    /**
     * @param  array<string, Deck>  $decks  by face
     * @param  array<string, HoldWish>  $wishes  by face, the job's own in them
     * @param  array<string, array{float, float}>  $metal  from where to where sheets lie on each face, inches up the slope
     */
    public function __construct(private Roof $roof, private RuleSet $rules, private array $decks, private array $wishes, private array $metal)
    {
    }

    /** @return list<float> inches up the slope, from the eave */
    public function rows(Face $face): array
    {
        [$low, $high, $end] = $this->span($face);
        $purlins = $this->wishes[$face->id]->purlins ?? null;
        if ($purlins !== null) {
            return $purlins->between($low, $high);
        }
        $deck = $this->decks[$face->id] ?? null;
        if ($deck !== null && ! $deck->kind->isSolid() && $deck->spacing !== null) {
            return RowLines::of($low, $high, $end, $this->most($face), $deck->spacing);
        }
        $own = $this->step($face);
        $shared = min([$own, ...array_map($this->step(...), $this->overRidges($face))]);

        return $shared > $own - 1e-6 ? RowLines::of($low, $high, $end, $this->most($face)) : RowLines::fromHead($low, $high, $end, $shared);
    }

    private function step(Face $face): float
    {
        return RowLines::step(...[...$this->span($face), $this->most($face)]);
    }

    private function most(Face $face): float
    {
        return $this->wishes[$face->id]->spacing ?? $this->rules->number('hold.rows');
    }

    /** @return array{float, float, float} where its sheets begin and end, inches up the slope, and how far in their end rows stand */
    private function span(Face $face): array
    {
        return [...$this->metal[$face->id], $this->rules->number('hold.rowEnd')];
    }

    /** @return list<Face> that meet it over ridges, and so on; on solid decks */
    private function overRidges(Face $face): array
    {
        $met = [$face->id];
        for ($i = 0; $i < count($met); $i++) {
            foreach ($this->roof->edges as $edge) {
                if ($edge->kind === EdgeKind::Ridge && in_array($met[$i], $edge->faces, true)) {
                    $met = array_values(array_unique([...$met, ...array_filter($edge->faces, fn (string $other): bool => isset($this->metal[$other]) && $this->isEven($other))]));
                }
            }
        }

        return array_values(array_filter(array_map($this->roof->face(...), array_slice($met, 1))));
    }

    /** Whether a face's rows are spaced evenly, and not by what they stand on. */
    private function isEven(string $face): bool
    {
        return ($this->wishes[$face]->purlins ?? null) === null && (($this->decks[$face] ?? null)?->kind->isSolid() ?? true);
    }
}
