<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\Ground\Units\Factors;
use Imbrex\Core\HoldDown\ClipSchool;
use Imbrex\Core\HoldDown\EstimateWish;
use Imbrex\Core\HoldDown\Exposure;
use Imbrex\Core\HoldDown\FixedAt;
use Imbrex\Core\HoldDown\FixedBy;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldWish;
use Imbrex\Core\HoldDown\PurlinLines;
use Imbrex\Core\HoldDown\WindEstimate;
use Imbrex\Stations\Documents\Reading;
use stdClass;

/** Reads of a document what pulls at a roof and how it is held. */
final readonly class HoldDownReader
{
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
            pressures: isset($wind->pressures) ? $this->pressures($wind->pressures) : null,
            estimate: $estimate === null ? null : new EstimateWish(Exposure::from((string) $estimate->exposure), (float) $estimate->mph, isset($estimate->meanHeightFeet) ? (float) $estimate->meanHeightFeet : null, (float) ($estimate->kzt ?? 1.0)),
            zoneWidth: isset($wind->zoneWidth) ? (float) $wind->zoneWidth : null,
            usual: self::wish($held),
            faces: $this->faces((array) ($held->faces ?? [])),
            clipAllowable: isset($held->allowable) ? (float) $held->allowable : null,
            fixed: FixedAt::from((string) ($this->reading->document->temperatures->fixed ?? 'head')),
            fixedBy: isset($held->fix) ? FixedBy::from((string) $held->fix) : null,
            allowables: array_map(static fn (mixed $pounds): float => (float) $pounds, (array) ($held->allowables ?? [])),
        );
    }

    /**
     * @param  array<string, stdClass>  $said
     * @return array<string, HoldWish>
     */
    private function faces(array $said): array
    {
        $faces = [];
        foreach ($said as $face => $one) {
            $faces[$face] = self::wish($one, isset($one->purlins) ? $this->purlins($one->purlins, "holdDown.faces.$face.purlins") : null);
        }

        return $faces;
    }

    private static function wish(stdClass $said, ?PurlinLines $purlins = null): HoldWish
    {
        return new HoldWish(
            isset($said->school) ? ClipSchool::from((string) $said->school) : null,
            isset($said->spacing) ? (float) $said->spacing : null,
            isset($said->clip) ? (string) $said->clip : null,
            isset($said->screws) ? (int) $said->screws : null,
            $purlins,
        );
    }

    /** Each said, or the first and how far apart. */
    private function purlins(stdClass $said, string $field): ?PurlinLines
    {
        if (isset($said->at)) {
            $at = array_map(static fn (mixed $v): float => (float) $v, (array) $said->at);
            foreach (array_slice($at, 1) as $i => $v) {
                if ($v - $at[$i] < PurlinLines::CLOSEST) {
                    $this->reading->fault("$field.at.".($i + 1), 'purlins', $v, ['before' => $at[$i], 'least' => PurlinLines::CLOSEST]);
                }
            }

            return PurlinLines::each(array_values($at));
        }
        if (! isset($said->spacing)) {
            $this->reading->fault("$field.spacing", 'purlins-spacing', 'nothing');

            return null;
        }

        return PurlinLines::spaced((float) ($said->first ?? 0.0), (float) $said->spacing);
    }

    /** @return array{field: float, edge: float, corner: float} psf at the allowable level */
    private function pressures(stdClass $said): array
    {
        [$field, $edge, $corner] = [(float) $said->field, (float) $said->edge, (float) $said->corner];
        $unit = $said->unit ?? 'psf';
        if ($unit === 'psf' && max($field, $edge, $corner) < self::LOOKS_LIKE_KPA && ! ($said->sure ?? false)) {
            $this->reading->fault('wind.pressures.unit', 'wind-kpa', "$field / $edge / $corner psf", ['psf' => sprintf('%.1f / %.1f / %.1f', $field * Factors::PSF, $edge * Factors::PSF, $corner * Factors::PSF)]);
        }
        $factor = ($unit === 'kPa' ? Factors::PSF : 1.0) * (($said->level ?? 'allowable') === 'ultimate' ? WindEstimate::ALLOWABLE : 1.0);

        return ['field' => $field * $factor, 'edge' => $edge * $factor, 'corner' => $corner * $factor];
    }
}
