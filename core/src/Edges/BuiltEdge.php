<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges;

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\EdgeBuild;
use Imbrex\Core\Edges\Contact\ContactFault;
use Imbrex\Core\Edges\Internal\FastenerLine;
use Imbrex\Core\Edges\Internal\WaterFault;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Roof\Edge;

/** An edge of the roof with its build: the section as it stands, and whether it sheds. */
final readonly class BuiltEdge
{
    /**
     * @param  string  $face  name of the first face that ends there
     * @param  list<WaterFault>  $faults
     * @param  list<ContactFault>  $contact  what eats each other there
     */
    public function __construct(public Edge $edge, public string $face, public EdgeBuild $own, public Build $build, public Section $section, public array $faults, public array $contact = [])
    {
    }

    /** Where the fasteners of one of its layers stand. */
    public function fasteners(PlacedLayer $placed, Profile $profile): FastenerLine
    {
        // Across a slanting edge a pan is as much longer as the edge leaves its rib.
        $slant = sin(deg2rad(array_values($this->edge->angleToRibDegrees)[0] ?? 90.0));
        $stretch = $slant > 0.1 ? 1.0 / $slant : 1.0;

        return FastenerLine::of($placed->layer, $this->edge->length(), ($profile->cover - $profile->leftMetal - $profile->rightMetal) * $stretch, $profile->cover * $stretch);
    }

    /** How many fasteners stand at a spacing along it; those at ribs are counted with the ribs. */
    public function fastenerCount(Profile $profile): int
    {
        return array_sum(array_map(fn (PlacedLayer $placed): int => $this->fasteners($placed, $profile)->count(count($placed->fasteners)), $this->section->layers));
    }

    /** What a layer is called. */
    public function named(string $key): Term|string
    {
        foreach ($this->section->layers as $placed) {
            if ($placed->layer->key === $key) {
                return $placed->layer->named();
            }
        }

        return new Term("layer.$key");
    }

    public function sheds(): bool
    {
        return $this->faults === [];
    }
}
