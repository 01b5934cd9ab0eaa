<?php

declare(strict_types=1);

namespace Imbrex\Stations\Survey;

use Imbrex\Core\Survey\SurveyInput;
use Imbrex\Stations\Documents\Reading;

/** Reads the measured planes of a document. */
final readonly class SurveyReader
{
    public function __construct(private Reading $reading)
    {
    }

    public function input(): SurveyInput
    {
        $all = $this->reading->document->roof->planes ?? [];
        $planes = [];
        foreach ($all as $i => $plane) {
            $builder = new PlaneBuilder($plane, "roof.planes[$i]");
            $planes[] = $builder->build();
            $this->reading->faults(...$builder->faults);
        }
        $this->reading->once($all, 'roof.planes');
        foreach ($all as $i => $plane) {
            $others = array_diff(array_column($all, 'id'), [$plane->id]);
            if (isset($plane->ridgeWith)) {
                $this->known("roof.planes[$i].ridgeWith", $plane->ridgeWith, $others);
            }
            foreach ($plane->ties ?? [] as $k => $tie) {
                $this->known("roof.planes[$i].ties[$k].plane", $tie->plane, $others);
            }
        }

        return new SurveyInput(array_values(array_filter($planes)));
    }

    /** @param  array<string>  $others */
    private function known(string $field, string $plane, array $others): void
    {
        if (! in_array($plane, $others, true)) {
            $this->reading->fault($field, 'plane-unknown', $plane, ['known' => implode(', ', $others)]);
        }
    }
}
