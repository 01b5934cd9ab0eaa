<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\JobPart;

final readonly class RoofInput implements JobPart
{
    /**
     * @param  list<Block>  $blocks
     * @param  list<Check>  $checks  readings held against the blocks
     * @param  list<Opening>  $openings  what comes through the roof
     * @param  array<string, Deck>  $decks  by face id, where somebody has said
     */
    public function __construct(public array $blocks = [], public array $checks = [], public array $openings = [], public array $decks = [])
    {
    }
}
