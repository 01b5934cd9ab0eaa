<?php

declare(strict_types=1);

namespace App\Stations\Edges;

use App\Words\Words;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Units\TapePrinter;

/** Says how a layer is held, lapped and folded. */
final readonly class LayerWords
{
    public function __construct(private Words $words)
    {
    }

    /** @return list<string> */
    public function of(PlacedLayer $placed, TapePrinter $tape): array
    {
        $layer = $placed->layer;
        $said = [];
        if ($layer->fastener !== null) {
            $said[] = $this->words->say('edges.fastened', ['kind' => $layer->fastener->kind->value, 'spacing' => $layer->fastener->spacing > 0.0 ? $tape->print($layer->fastener->spacing) : 'rib']);
        }
        if ($layer->lap > 0.0) {
            $said[] = $this->words->say('edges.lapped', ['lap' => $tape->print($layer->lap)]);
        } elseif ($layer->role === LayerRole::Cleat) {
            $said[] = $this->words->say('edges.butted');
        }
        if ($layer->role === LayerRole::Panel && $placed->hem > 0.0) {
            $said[] = $this->words->say('edges.hemmed', ['hem' => $tape->print($placed->hem)]);
        }

        return $said;
    }
}
