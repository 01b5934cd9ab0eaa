<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\Ground\Units\Factors;
use Imbrex\Core\HoldDown\Snow\GuardedPlace;
use Imbrex\Core\HoldDown\Snow\GuardFor;
use Imbrex\Core\HoldDown\Snow\GuardKind;
use Imbrex\Core\HoldDown\Snow\SnowInput;
use Imbrex\Stations\Documents\Reading;
use stdClass;

/** Reads of a document how much snow lies on a roof, and what it must not slide on. */
final readonly class SnowReader
{
    public function __construct(private Reading $reading)
    {
    }

    public function input(): SnowInput
    {
        $said = $this->reading->document->snow ?? new stdClass;
        $places = [];
        foreach ($said->places ?? [] as $i => $place) {
            [$from, $to] = [(float) $place->from, (float) $place->to];
            if ($to <= $from) {
                $this->reading->fault("snow.places.$i.to", 'snow-place', $to, ['from' => $from]);
            }
            $places[] = new GuardedPlace((string) $place->face, $from, $to, GuardFor::from((string) $place->for));
        }

        return new SnowInput(isset($said->load) ? (float) $said->load * (($said->unit ?? 'psf') === 'kPa' ? Factors::PSF : 1.0) : null, GuardKind::from((string) ($said->guards ?? 'pads')), $places);
    }
}
