<?php

declare(strict_types=1);

namespace Simulators;

/** A weather service that knows how hard it rains (mm an hour) at a made-up estuary, by how seldom. */
final readonly class WeatherService
{
    /** Years between two such storms, and millimetres an hour over five minutes. */
    private const STORMS = [2 => 76.2, 10 => 114.3, 50 => 152.4];

    public function answer(string $path): Answer
    {
        return $path === '/weather/rain'
            ? Answer::json(['place' => 'Heron Quay', 'minutes' => 5, 'storms' => array_map(static fn (int $years, float $rain): array => ['years' => $years, 'millimetresAnHour' => $rain], array_keys(self::STORMS), array_values(self::STORMS))])
            : Answer::json(['error' => 'GET /weather/rain'], 404);
    }
}
