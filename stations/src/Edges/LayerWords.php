<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\Ground\Metalwork\Seal;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Stations\Words\Words;

/** Says of a layer what it is called, how it is held, lapped, sealed and folded, what to mind with it and what it can do to one. */
final readonly class LayerWords
{
    /** Layers with a word on how they are laid, by their key. */
    public const NOTED = [
        'trim-cleat', 'eave-trim', 'membrane', 'tape', 'offset-cleat', 'panel', 'seam-bead', 'drip-trim', 'vented-strip', 'gutter-flange', 'foam-closure', 'edge-stiffener', 'seam-cap', 'drip-flashing',
        'inside-closure', 'receiver', 'rake-trim', 'rake-zee', 'starter-cleat', 'closed-hem', 'zee', 'seam-sealant', 'cap', 'vent-strip', 'outside-closure', 'head-closure', 'peak-flashing', 'second-membrane',
        'valley-pan', 'hemmed-pan', 'headwall-flashing', 'sidewall-flashing', 'siding', 'transition-flashing', 'side-zee', 'fill-board',
    ];

    /** What a layer can do to whoever lays it, by its key. */
    public const CAUTIONS = ['old-shingles' => 'old-roofing', 'membrane' => 'slick', 'second-membrane' => 'slick', 'panel' => 'wind', 'panel-lower' => 'wind', 'cap' => 'crest', 'gutter-flange' => 'ladder'];

    public function __construct(private Words $words)
    {
    }

    public function name(Layer $layer): string
    {
        $named = $layer->named();

        return $named instanceof Term ? $this->words->say($named->code) : $named;
    }

    /** @return list<string> */
    public function of(PlacedLayer $placed, TapePrinter $tape, float $gap): array
    {
        $layer = $placed->layer;
        $said = [];
        $fastener = $layer->fastener;
        if ($fastener !== null) {
            $said[] = $this->words->say('edges.fastened', ['kind' => $fastener->kind->value, 'spacing' => $fastener->spacing > 0.0 ? $tape->print($fastener->spacing) : 'rib']);
            if ($fastener->spacing > 0.0) {
                $off = min([INF, ...array_map(static fn (float $at): float => min($at - $placed->from, $placed->to - $at), $placed->fasteners)]);
                if ($off > 0.0 && $off < Layer::FIELD / 2.0) {
                    $said[] = $this->words->say('edges.across', ['off' => $tape->print($off)]);
                }
                $said[] = $this->words->say('edges.first', ['end' => $tape->print($fastener->end), 'loose' => $fastener->isLoose ? 'yes' : 'no']);
            }
        }
        $seal = $layer->seal();
        if ($layer->lap > 0.0) {
            $said[] = $this->words->say('edges.lapped', ['lap' => $tape->print($layer->lap), 'seal' => $seal === null ? 'none' : $this->seal($seal, $tape)]);
        } elseif ($layer->role === LayerRole::Cleat || ($layer->role === LayerRole::Trim && $fastener !== null)) {
            $said[] = $this->words->say('edges.butted', ['gap' => $tape->print($gap)]);
        } elseif ($seal !== null) {
            // A tape is called one already.
            $said[] = $layer->role === LayerRole::Tape ? $this->words->say('edges.tape-size', ['width' => $tape->print($seal->width), 'high' => $tape->print($seal->high)]) : $this->seal($seal, $tape);
        }
        if ($layer->role === LayerRole::Panel && $placed->hem > 0.0) {
            $said[] = $this->words->say('edges.hemmed', ['hem' => $tape->print($placed->hem)]);
        }
        if ($layer->metal !== null) {
            $said[] = $this->words->say("material.$layer->metal");
        }

        return $said;
    }

    /** How to lay it; in somebody's own words where it is their own. */
    public function note(Layer $layer): ?string
    {
        if ($layer->title !== null) {
            return $layer->note === '' ? null : $layer->note;
        }

        return in_array($layer->side(), self::NOTED, true) ? $this->words->say("layer-note.{$layer->side()}") : null;
    }

    public function caution(Layer $layer): ?string
    {
        $drilled = $layer->fastener !== null && in_array($layer->fastener->kind, [FastenerKind::Rivet, FastenerKind::Stitch, FastenerKind::Lap], true) ? 'swarf' : null;
        $which = self::CAUTIONS[$layer->side()] ?? $drilled;

        return $which === null ? null : $this->words->say("layer-caution.$which");
    }

    private function seal(Seal $seal, TapePrinter $tape): string
    {
        return $this->words->say("seal.{$seal->kind->value}", ['beads' => $seal->beads, 'width' => $tape->print($seal->width), 'high' => $tape->print($seal->high)]);
    }
}
