<?php

declare(strict_types=1);

namespace Simulators;

/** A laser (millimetres) with an angle gauge (degrees) and a thermometer for metal (°C). It numbers its readings; a press of its button takes one. */
final readonly class GaugeDevice
{
    private const SHAKE = ['length' => 1.0, 'angle' => 0.05, 'temperature' => 0.2];

    public function __construct(private Store $store)
    {
    }

    /**
     * @param  array<mixed>  $query
     * @param  array<mixed>  $body
     */
    public function answer(string $method, string $path, array $query, array $body, bool $twice): Answer
    {
        if ($method === 'POST' && $path === '/gauge/fire') {
            return $this->fire($body);
        }
        if ($method !== 'GET' || $path !== '/gauge/readings') {
            return Answer::json(['error' => 'GET /gauge/readings?after=N, POST /gauge/fire'], 404);
        }
        $after = is_numeric($query['after'] ?? null) ? (int) $query['after'] : -1;
        $readings = $this->store->readings();
        $last = end($readings);
        $new = array_values(array_filter($readings, static fn (array $r): bool => $after >= 0 && $r['number'] > $after));

        return Answer::json(['last' => $last === false ? 0 : $last['number'], 'readings' => $twice ? [...$new, ...$new] : $new]);
    }

    /** @param  array<mixed>  $body */
    private function fire(array $body): Answer
    {
        $kind = $body['kind'] ?? null;
        $value = $body['value'] ?? null;
        if (! in_array($kind, ['length', 'angle', 'temperature'], true) || ! is_numeric($value) || ($kind !== 'temperature' && (float) $value <= 0.0)) {
            return Answer::json(['error' => 'kind: length (value in mm), angle (degrees) or temperature (°C)'], 422);
        }
        // A hand is never quite steady: a laser repeats to about a millimetre, a gauge to a twentieth of a degree, a thermometer to a fifth.
        $shake = self::SHAKE[$kind] * (mt_rand() / mt_getrandmax() * 2.0 - 1.0);
        $steady = ($body['steady'] ?? false) === true;

        return Answer::json(['number' => $this->store->addReading($kind, round((float) $value + ($steady ? 0.0 : $shake), 2))]);
    }
}
