<?php

declare(strict_types=1);

namespace Imbrex\Stations\Roof;

use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Check;
use Imbrex\Core\Roof\CheckedQuantity;
use Imbrex\Core\Roof\Deck;
use Imbrex\Core\Roof\DeckKind;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Survey\Source;
use Imbrex\Stations\Documents\Reading;
use stdClass;

/** Reads the blocks of a document, the checks taken on the building, and what comes through the roof. */
final readonly class RoofReader
{
    public function __construct(private Reading $reading)
    {
    }

    public function input(): RoofInput
    {
        return new RoofInput($this->blocks(), $this->checks(), $this->openings(), $this->decks());
    }

    /** @return list<Block> */
    private function blocks(): array
    {
        $all = $this->reading->document->roof->blocks ?? [];
        $blocks = [];
        foreach ($all as $i => $block) {
            $builder = new BlockBuilder($block, "roof.blocks[$i]");
            $blocks[] = $builder->build();
            $this->reading->faults(...$builder->faults);
        }
        $this->reading->once($all, 'roof.blocks');

        return array_values(array_filter($blocks));
    }

    /** @return list<Check> */
    private function checks(): array
    {
        $all = $this->reading->document->roof->checks ?? [];
        $this->reading->once($all, 'roof.checks');

        return array_map(static fn (stdClass $check): Check => new Check(
            (string) $check->id,
            CheckedQuantity::from((string) $check->quantity),
            (string) $check->where,
            (float) $check->value,
            Source::from((string) $check->source),
            $check->time ?? null,
        ), array_values($all));
    }

    /** @return array<string, Deck> */
    private function decks(): array
    {
        $decks = [];
        foreach ((array) ($this->reading->document->decks ?? []) as $face => $deck) {
            $kind = DeckKind::from((string) $deck->kind);
            if (isset($deck->spacing) && ! $kind->isSpaced()) {
                $this->reading->fault("decks.$face.spacing", 'deck-spacing', $deck->spacing, ['kind' => $kind->value]);
            }
            $decks[(string) $face] = new Deck($kind, isset($deck->spacing) ? (float) $deck->spacing : null);
        }

        return $decks;
    }

    /** @return list<Opening> */
    private function openings(): array
    {
        $all = $this->reading->document->openings ?? [];
        $openings = [];
        foreach ($all as $i => $opening) {
            $builder = new OpeningBuilder($opening, "openings[$i]");
            $openings[] = $builder->build();
            $this->reading->faults(...$builder->faults);
        }
        $this->reading->once($all, 'openings');

        return array_values(array_filter($openings));
    }
}
