<?php

declare(strict_types=1);

namespace App\Drills;

use Imbrex\Stations\Documents\Formats;

/** Job documents as large and as awkward as the contract lets them be: for the table of worst cases, and for trying what they do to others. */
final class WorstJobs
{
    private const PLANES = 60;

    /** @return array<string, string> documents as JSON, by what makes them hard */
    public static function all(): array
    {
        return [
            'square curbs' => self::curbs(400, 4),
            'ten thousand panels' => self::panels(20, 8_000.0, 240.0),
            'round curbs' => self::curbs(400, 60),
            'corners' => self::corners(200),
            'comb' => self::comb(200),
            'blocks' => self::blocks(60),
            'panels' => self::panels(self::PLANES, 12_000.0, 240.0),
            'end laps' => self::panels(self::PLANES, 1_200.0, 12_000.0),
            'hips' => self::hips(self::PLANES),
            'readings' => self::readings(),
            'free shapes' => self::freeShapes(),
            'curbs on blocks' => self::curbsOnBlocks(),
        ];
    }

    /** Curbs of many corners on one face. */
    public static function curbs(int $count, int $corners): string
    {
        $openings = [];
        for ($i = 0; $i < $count; $i++) {
            [$u, $v] = [40.0 + $i % 20 * 59.3, 30.0 + intdiv($i, 20) * 23.7];
            $outline = [];
            for ($k = 0; $k < $corners; $k++) {
                $angle = 2.0 * M_PI * $k / $corners;
                $outline[] = [round($u + 9.0 * cos($angle), 3), round($v + 9.0 * sin($angle), 3)];
            }
            $openings[] = ['id' => "C$i", 'face' => 'P1', 'kind' => 'curb', 'outline' => $outline];
        }

        return self::job(['planes' => [self::plane('P1', [[0, 0], [1240, 0], [1240, 540], [0, 540]], ['eave', 'rake', 'ridge', 'rake'])]], ['openings' => $openings]);
    }

    /** Measured planes that are nearly round. */
    public static function corners(int $corners): string
    {
        $planes = [];
        for ($p = 0; $p < self::PLANES; $p++) {
            $outline = [];
            for ($k = 0; $k < $corners; $k++) {
                $angle = 2.0 * M_PI * ($k + 0.5) / $corners - M_PI / 2.0;
                $outline[] = [round(600.0 + 600.0 * cos($angle), 3), round(600.0 + 590.0 * sin($angle), 3)];
            }
            $planes[] = self::plane("P$p", $outline, array_fill(0, $corners, 'rake'), 'eave');
        }

        return self::job(['planes' => $planes]);
    }

    /** Measured planes with teeth: every strip falls into many pieces. */
    public static function comb(int $corners): string
    {
        $planes = [];
        $teeth = intdiv($corners, 4) - 1;
        for ($p = 0; $p < self::PLANES; $p++) {
            // Teeth that run across the slope, so that a strip crosses all of them.
            $outline = [[0.0, 0.0], [1200.0, 0.0]];
            $edges = ['eave', 'rake'];
            for ($k = 0; $k < $teeth; $k++) {
                $v = 20.0 + $k * 20.0;
                array_push($outline, [1200.0, $v], [60.0, $v], [60.0, $v + 8.0], [1200.0, $v + 8.0]);
                array_push($edges, 'headwall', 'rake', 'eave', 'rake');
            }
            array_push($outline, [1200.0, 20.0 + $teeth * 20.0], [0.0, 20.0 + $teeth * 20.0]);
            array_push($edges, 'headwall', 'rake');
            $planes[] = ['id' => "P$p", 'name' => "Plane $p", 'riseIn12' => 6, 'outline' => $outline, 'edges' => $edges];
        }

        return self::job(['planes' => $planes]);
    }

    /** Blocks that stand into each other at odd angles. */
    public static function blocks(int $count): string
    {
        return self::job(['blocks' => self::standing($count)]);
    }

    /** Wide or long faces of narrow panels. */
    public static function panels(int $planes, float $width, float $height): string
    {
        $of = [];
        for ($p = 0; $p < $planes; $p++) {
            $of[] = self::plane("P$p", [[0, 0], [$width, 0], [$width, $height], [0, $height]], ['eave', 'rake', 'ridge', 'rake']);
        }

        return self::job(['planes' => $of]);
    }

    /** Triangles: every panel is cut at an angle and looks for another of its sheet. */
    public static function hips(int $planes): string
    {
        $of = [];
        for ($p = 0; $p < $planes; $p++) {
            $of[] = self::plane("P$p", [[0, 0], [1600 + $p * 7, 0], [700 + $p * 11, 480 + $p]], ['eave', 'hip', 'hip']);
        }

        return self::job(['planes' => $of]);
    }

    /** As many readings as fit, none of which agree. */
    public static function readings(): string
    {
        $planes = [];
        for ($p = 0; $p < self::PLANES; $p++) {
            $readings = [];
            for ($r = 0; $r < 60; $r++) {
                $readings[] = ['id' => "r$r", 'quantity' => ['eave', 'ridge', 'leftRake', 'rightRake', 'diagonalRight', 'diagonalLeft'][$r % 6], 'value' => 200.0 + $r * 3.7 % 90, 'source' => 'tape'];
            }
            $planes[] = ['id' => "P$p", 'name' => "Plane $p", 'riseIn12' => 5, 'shape' => 'trapezoid', 'readings' => $readings];
        }

        return self::job(['planes' => $planes]);
    }

    /** Planes of no known shape, measured corner by corner and across. */
    public static function freeShapes(): string
    {
        $planes = [];
        for ($p = 0; $p < self::PLANES; $p++) {
            $corners = 20;
            $at = static fn (int $k): array => [300.0 + 280.0 * cos(2.0 * M_PI * ($k - 5.5) / $corners), 280.0 + 280.0 * sin(2.0 * M_PI * ($k - 5.5) / $corners)];
            $readings = [];
            for ($k = 0; $k < $corners; $k++) {
                [$a, $b, $first] = [$at($k), $at(($k + 7) % $corners), $at(0)];
                array_push(
                    $readings,
                    ['id' => "a$k", 'quantity' => 'along', 'corner' => $k, 'value' => round($a[0] - $first[0], 3), 'source' => 'tape'],
                    ['id' => "u$k", 'quantity' => 'up', 'corner' => $k, 'value' => round($a[1] - $first[1], 3), 'source' => 'tape'],
                    ['id' => "b$k", 'quantity' => 'between', 'corner' => $k, 'to' => ($k + 7) % $corners, 'value' => round(hypot($b[0] - $a[0], $b[1] - $a[1]) + $k % 5, 3), 'source' => 'tape'],
                );
            }
            $planes[] = ['id' => "P$p", 'name' => "Plane $p", 'riseIn12' => 5, 'shape' => 'free', 'edges' => ['eave', ...array_fill(0, $corners - 1, 'rake')], 'readings' => $readings];
        }

        return self::job(['planes' => $planes]);
    }

    private static function curbsOnBlocks(): string
    {
        $openings = [];
        for ($i = 0; $i < 400; $i++) {
            $openings[] = ['id' => "C$i", 'face' => 'B'.($i % 60).'-S', 'kind' => $i % 2 === 0 ? 'skylight' : 'chimney', 'u' => 30.0 + $i % 7 * 40.0, 'v' => 20.0 + $i % 5 * 30.0, 'width' => 22.0, 'height' => 20.0];
        }

        return self::job(['blocks' => self::standing(60)], ['openings' => $openings]);
    }

    /** @return list<array<string, mixed>> */
    private static function standing(int $count): array
    {
        $blocks = [];
        for ($i = 0; $i < $count; $i++) {
            $side = static fn (bool $slopes): array => $slopes ? ['kind' => 'sloped', 'riseIn12' => 3 + $i % 7, 'overhang' => 12] : ['kind' => 'gable', 'overhang' => 9];
            $blocks[] = [
                'id' => "B$i", 'name' => "Block $i", 'x' => $i % 6 * 120 + $i * 7 % 60, 'y' => intdiv($i, 6) * 110 + $i * 13 % 60, 'rotationDegrees' => $i * 17 % 90,
                'length' => 900, 'width' => 400, 'eaveHeight' => 108 + 3 * ($i % 11),
                'sides' => ['south' => $side(true), 'east' => $side($i % 3 === 0), 'north' => $side(true), 'west' => $side($i % 3 === 0)],
            ];
        }

        return $blocks;
    }

    /**
     * @param  list<array{float|int, float|int}>  $outline
     * @param  list<string>  $edges
     * @return array<string, mixed>
     */
    private static function plane(string $id, array $outline, array $edges, ?string $first = null): array
    {
        if ($first !== null) {
            $edges[0] = $first;
        }

        return ['id' => $id, 'name' => "Plane $id", 'riseIn12' => 6, 'outline' => $outline, 'edges' => $edges];
    }

    /**
     * @param  array<string, mixed>  $roof
     * @param  array<string, mixed>  $more
     */
    private static function job(array $roof, array $more = []): string
    {
        return (string) json_encode(['format' => Formats::NEWEST, 'name' => 'Worst case', 'roof' => $roof, ...$more], JSON_THROW_ON_ERROR);
    }
}
