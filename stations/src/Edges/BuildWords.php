<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\BuildDifference;
use Imbrex\Core\Builds\EdgeBuild;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\Contact\ContactFault;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Stations\Words\Words;

/** Says what a build is called, how it differs from the one that ships, what touches what in it. */
final readonly class BuildWords
{
    public function __construct(private Words $words, private LayerWords $layers)
    {
    }

    public function title(Build $build): string
    {
        return $build->title ?? $this->words->say("build.$build->key");
    }

    public function why(Build $build): string
    {
        return $build->base === null ? $this->words->say("build.$build->key.why") : $this->words->say('edges.made-from', ['build' => $this->title($build->base), 'version' => $build->version]);
    }

    /** @return list<string> */
    public function differences(EdgeBuild $own, TapePrinter $tape): array
    {
        return array_map(fn (BuildDifference $one): string => $this->words->say("edges.differs-$one->how", [
            'layer' => $this->layers->name($one->layer),
            'after' => $one->after === null ? 'none' : $this->layers->name($one->after),
            'spacing' => $tape->print($one->layer->fastener->spacing ?? 0.0),
            'was' => $tape->print($one->was),
        ]), BuildDifference::between($own->shipped()->layers ?? [], $own->layers()));
    }

    /** @return list<string> */
    public function contact(BuiltEdge $built): array
    {
        return array_map(fn (ContactFault $fault): string => $this->words->say("finding.edges.contact-$fault->kind", [
            'piece' => $this->named($built->named($fault->piece)),
            'other' => $fault->other === null ? '' : $this->named($built->named($fault->other)),
            'metal' => $this->words->say("material.$fault->metal"),
            'otherMetal' => $fault->otherMetal === null ? '' : $this->words->say("material.$fault->otherMetal"),
            'edges' => 1,
        ]), $built->contact);
    }

    private function named(Term|string $named): string
    {
        return $named instanceof Term ? $this->words->say($named->code) : $named;
    }
}
