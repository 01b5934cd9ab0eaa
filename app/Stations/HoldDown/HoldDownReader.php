<?php

declare(strict_types=1);

namespace App\Stations\HoldDown;

use App\Documents\Reading;
use Imbrex\Core\HoldDown\ClipSchool;
use Imbrex\Core\HoldDown\EstimateWish;
use Imbrex\Core\HoldDown\Exposure;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldWish;
use Imbrex\Core\HoldDown\WindEstimate;
use stdClass;

/** Reads of a document what pulls at a roof and how it is held. */
final readonly class HoldDownReader
{
    /** psf in a kPa. */
    public const PSF = 20.885434;

    /** No engineer's net uplift in psf is so low everywhere: it looks like kPa. */
    private const LOOKS_LIKE_KPA = 5.0;

    public function __construct(private Reading $reading)
    {
    }

    public function input(): HoldDownInput
    {
        $wind = $this->reading->document->wind ?? new stdClass;
        $held = $this->reading->document->holdDown ?? new stdClass;
        $estimate = $wind->estimate ?? null;

        return new HoldDownInput(
            isset($wind->pressures) ? $this->pressures($wind->pressures) : null,
            $estimate === null ? null : new EstimateWish(Exposure::from((string) $estimate->exposure), (float) $estimate->mph, isset($estimate->meanHeightFeet) ? (float) $estimate->meanHeightFeet : null, (float) ($estimate->kzt ?? 1.0)),
            isset($wind->zoneWidth) ? (float) $wind->zoneWidth : null,
            self::wish($held),
            array_map(self::wish(...), (array) ($held->faces ?? [])),
            isset($held->allowable) ? (float) $held->allowable : null,
        );
    }

    private static function wish(stdClass $said): HoldWish
    {
        return new HoldWish(
            isset($said->school) ? ClipSchool::from((string) $said->school) : null,
            isset($said->spacing) ? (float) $said->spacing : null,
            isset($said->clip) ? (string) $said->clip : null,
            isset($said->screws) ? (int) $said->screws : null,
        );
    }

    /** @return array{field: float, edge: float, corner: float} psf at the allowable level */
    private function pressures(stdClass $said): array
    {
        [$field, $edge, $corner] = [(float) $said->field, (float) $said->edge, (float) $said->corner];
        $unit = $said->unit ?? 'psf';
        if ($unit === 'psf' && max($field, $edge, $corner) < self::LOOKS_LIKE_KPA && ! ($said->sure ?? false)) {
            $this->reading->fault('wind.pressures.unit', 'wind-kpa', "$field / $edge / $corner psf", ['psf' => sprintf('%.1f / %.1f / %.1f', $field * self::PSF, $edge * self::PSF, $corner * self::PSF)]);
        }
        $factor = ($unit === 'kPa' ? self::PSF : 1.0) * (($said->level ?? 'allowable') === 'ultimate' ? WindEstimate::ALLOWABLE : 1.0);

        return ['field' => $field * $factor, 'edge' => $edge * $factor, 'corner' => $corner * $factor];
    }
}
