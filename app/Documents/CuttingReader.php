<?php

declare(strict_types=1);

namespace App\Documents;

use Imbrex\Core\Cutting\Correction;
use Imbrex\Core\Cutting\CutRecord;
use Imbrex\Core\Roof\Opening;
use stdClass;

/** Reads of a document what comes through the roof, what first fits needed, and what has been cut. */
final class CuttingReader
{
    /** @var list<Fault> */
    public array $faults = [];

    public function __construct(private readonly stdClass $document)
    {
    }

    /** @return list<Opening> */
    public function openings(): array
    {
        $openings = [];
        $seen = [];
        foreach ($this->document->openings ?? [] as $i => $one) {
            $this->once($seen, (string) $one->id, "openings[$i].id");
            $builder = new OpeningBuilder($one, "openings[$i]");
            $opening = $builder->build();
            array_push($this->faults, ...$builder->faults);
            if ($opening !== null) {
                $openings[] = $opening;
            }
        }

        return $openings;
    }

    /** @return list<Correction> */
    public function corrections(): array
    {
        $corrections = [];
        $seen = [];
        foreach ($this->document->cutting->corrections ?? [] as $i => $one) {
            $this->once($seen, (string) $one->id, "cutting.corrections[$i].id");
            $corrections[] = new Correction(
                (string) $one->id,
                (string) $one->face,
                (string) $one->edge,
                (string) $one->panel,
                $one->side === 'long',
                (float) $one->amount * ($one->toward === 'downhill' ? -1.0 : 1.0),
                array_values(array_map(strval(...), $one->before ?? [])),
            );
        }

        return $corrections;
    }

    /** @return array<string, CutRecord> by panel */
    public function cut(): array
    {
        $cut = [];
        foreach ($this->document->cutting->cut ?? [] as $one) {
            $cut[(string) $one->panel] = new CutRecord((string) $one->panel, (float) $one->long, (float) $one->short);
        }

        return $cut;
    }

    /** @param  array<string, true>  $seen */
    private function once(array &$seen, string $id, string $field): void
    {
        if (isset($seen[$id])) {
            $this->faults[] = new Fault($field, 'id-twice', Understood::inWords($id));
        }
        $seen[$id] = true;
    }
}
