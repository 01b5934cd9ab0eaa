<?php

declare(strict_types=1);

namespace App\Services;

use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Ground\Units\Pitch;

/** A laser with an angle gauge and a thermometer for metal, that numbers its readings. */
final readonly class Gauge
{
    private const MOST = 50;

    /** °C; no roof is hotter. */
    private const HOTTEST = 110.0;

    public function __construct(private OutsideWorld $world)
    {
    }

    /**
     * Readings after a number, each once; only the last number where none is given.
     *
     * @return array{last: int, readings: list<array{number: int, kind: string, value: float}>} inches, rise in 12, or °F
     *
     * @throws ServiceFault
     */
    public function after(?int $number): array
    {
        $answer = $this->world->ask('gauge', 'gauge/readings?after='.($number ?? -1));
        $last = $answer['last'] ?? null;
        $all = $answer['readings'] ?? null;
        if (! is_int($last) || ! is_array($all)) {
            throw ServiceFault::garbage('gauge');
        }
        $readings = [];
        foreach ($number === null ? [] : $all as $said) {
            $reading = is_array($said) ? $this->reading($said) : throw ServiceFault::garbage('gauge');
            if ($reading['number'] > $number) {
                $readings[$reading['number']] = $reading;
            }
        }
        ksort($readings);

        return ['last' => $last, 'readings' => array_slice(array_values($readings), -self::MOST)];
    }

    /**
     * @param  array<mixed>  $said
     * @return array{number: int, kind: string, value: float}
     */
    private function reading(array $said): array
    {
        $number = $said['number'] ?? null;
        $value = $said['value'] ?? null;
        if (! is_int($number) || (! is_float($value) && ! is_int($value))) {
            throw ServiceFault::garbage('gauge');
        }
        if (($said['kind'] ?? null) === 'temperature') {
            return ['number' => $number, 'kind' => 'metal', 'value' => abs($value) < self::HOTTEST ? $value * 1.8 + 32.0 : throw ServiceFault::garbage('gauge')];
        }
        if ($value <= 0.0) {
            throw ServiceFault::garbage('gauge');
        }

        return match ($said['kind'] ?? null) {
            'length' => ['number' => $number, 'kind' => 'length', 'value' => $value < 300_000.0 ? Length::ofMillimetres((float) $value)->inches : throw ServiceFault::garbage('gauge')],
            'angle' => ['number' => $number, 'kind' => 'pitch', 'value' => $value < 75.0 ? Pitch::ofDegrees((float) $value)->riseIn12 : throw ServiceFault::garbage('gauge')],
            default => throw ServiceFault::garbage('gauge'),
        };
    }
}
