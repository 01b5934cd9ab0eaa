<?php

declare(strict_types=1);

namespace App\Documents;

use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Check;
use Imbrex\Core\Roof\CheckedQuantity;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\Source;
use stdClass;

/** Reads the roof of a document: blocks, measured planes and the checks taken on them. */
final class RoofReader
{
    /** @var list<Fault> */
    public array $faults = [];

    public function __construct(private readonly stdClass $roof)
    {
    }

    /** @return list<Block> */
    public function blocks(): array
    {
        $blocks = [];
        foreach ($this->roof->blocks ?? [] as $i => $one) {
            $builder = new BlockBuilder($one, "roof.blocks[$i]");
            $block = $builder->build();
            array_push($this->faults, ...$builder->faults);
            if ($block !== null) {
                $blocks[] = $block;
            }
        }
        $this->twice($this->roof->blocks ?? [], 'roof.blocks');

        return $blocks;
    }

    /** @return list<Plane> */
    public function planes(): array
    {
        $all = $this->roof->planes ?? [];
        $planes = [];
        foreach ($all as $i => $one) {
            $builder = new PlaneBuilder($one, "roof.planes[$i]");
            $plane = $builder->build();
            array_push($this->faults, ...$builder->faults);
            if ($plane !== null) {
                $planes[] = $plane;
            }
        }
        $this->twice($all, 'roof.planes');
        foreach ($all as $i => $one) {
            $others = array_diff(array_column($all, 'id'), [$one->id]);
            if (isset($one->ridgeWith)) {
                $this->known("roof.planes[$i].ridgeWith", $one->ridgeWith, $others);
            }
            foreach ($one->ties ?? [] as $k => $tie) {
                $this->known("roof.planes[$i].ties[$k].plane", $tie->plane, $others);
            }
        }

        return $planes;
    }

    /** @return list<Check> */
    public function checks(): array
    {
        $this->twice($this->roof->checks ?? [], 'roof.checks');

        return array_map(static fn (stdClass $one): Check => new Check(
            (string) $one->id,
            CheckedQuantity::from((string) $one->quantity),
            (string) $one->where,
            (float) $one->value,
            Source::from((string) $one->source),
            $one->time ?? null,
        ), $this->roof->checks ?? []);
    }

    /** @param  array<stdClass>  $all */
    private function twice(array $all, string $field): void
    {
        $seen = [];
        foreach ($all as $i => $one) {
            if (isset($seen[(string) $one->id])) {
                $this->faults[] = new Fault("{$field}[$i].id", 'id-twice', Understood::inWords($one->id));
            }
            $seen[(string) $one->id] = true;
        }
    }

    /** @param  array<string>  $others */
    private function known(string $field, string $plane, array $others): void
    {
        if (! in_array($plane, $others, true)) {
            $this->faults[] = new Fault($field, 'plane-unknown', Understood::inWords($plane), ['known' => implode(', ', $others)]);
        }
    }
}
