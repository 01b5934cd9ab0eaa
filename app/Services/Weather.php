<?php

declare(strict_types=1);

namespace App\Services;

use Imbrex\Core\Ground\Units\Length;

/** A weather service that tells how hard it rains at a place, by how seldom. */
final readonly class Weather
{
    private const MOST = 20;

    /** Inches an hour; it has never rained harder. */
    private const HARDEST = 30.0;

    public function __construct(private OutsideWorld $world)
    {
    }

    /**
     * @return array{place: string, minutes: int, storms: list<array{years: int, intensity: float}>} inches an hour, from the most frequent to the rarest
     *
     * @throws ServiceFault
     */
    public function rain(): array
    {
        $answer = $this->world->ask('weather', 'weather/rain');
        [$place, $minutes, $all] = [$answer['place'] ?? null, $answer['minutes'] ?? null, $answer['storms'] ?? null];
        if (! is_string($place) || $place === '' || mb_strlen($place) > 80 || ! is_int($minutes) || $minutes < 1 || $minutes > 1440 || ! is_array($all) || $all === []) {
            throw ServiceFault::garbage('weather');
        }
        $storms = [];
        foreach ($all as $said) {
            $storm = is_array($said) ? $this->storm($said) : throw ServiceFault::garbage('weather');
            $storms[$storm['years']] = $storm;
        }
        ksort($storms);

        return ['place' => $place, 'minutes' => $minutes, 'storms' => array_slice(array_values($storms), 0, self::MOST)];
    }

    /**
     * @param  array<mixed>  $said
     * @return array{years: int, intensity: float}
     */
    private function storm(array $said): array
    {
        [$years, $rain] = [$said['years'] ?? null, $said['millimetresAnHour'] ?? null];
        $intensity = is_int($rain) || is_float($rain) ? Length::ofMillimetres((float) $rain)->inches : null;
        if (! is_int($years) || $years < 1 || $years > 10000 || $intensity === null || $intensity <= 0.0 || $intensity > self::HARDEST) {
            throw ServiceFault::garbage('weather');
        }

        return ['years' => $years, 'intensity' => $intensity];
    }
}
