<?php

declare(strict_types=1);

namespace Simulators;

/** Measures roofs from afar: lengths one to two percent out, pitches a few tenths, each roof wrong in its own steady way. */
final class ReportService
{
    private const MOST_ERROR = 0.02;

    private const LEAST_ERROR = 0.002;

    private const PITCH_ERROR = 0.4;

    /** True lengths of made-up roofs: edges counter-clockwise from the eave, inches. */
    private const ROOFS = [
        'HQ-CLUBROOM' => ['name' => 'Heron Quay, clubroom', 'faces' => [
            ['Quay side', 8.0, [['eave', 432.0], ['rake', 187.75], ['ridge', 432.0], ['rake', 187.75]], 187.75],
            ['Yard side', 8.0, [['eave', 432.0], ['rake', 187.75], ['ridge', 432.0], ['rake', 187.75]], 187.75],
            ['Porch front', 4.0, [['eave', 168.0], ['hip', 69.74], ['headwall', 72.0], ['hip', 69.74]], 50.6],
        ]],
        'HQ-BOATHOUSE' => ['name' => 'Heron Quay, boathouse hall', 'faces' => [
            ['Slip side', 6.0, [['eave', 700.0], ['hip', 291.0], ['ridge', 312.0], ['hip', 291.0]], 216.9],
            ['Road side', 6.0, [['eave', 700.0], ['hip', 291.0], ['ridge', 312.0], ['hip', 291.0]], 216.9],
            ['Up-river end', 6.0, [['eave', 388.0], ['hip', 291.0], ['hip', 291.0]], 216.9],
            ['Down-river end', 6.0, [['eave', 388.0], ['hip', 291.0], ['hip', 291.0]], 216.9],
        ]],
        'HQ-SAIL-LOFT' => ['name' => 'Heron Quay, sail loft', 'faces' => [
            ['L-shaped slope', 5.0, [['eave', 360.0], ['rake', 120.0], ['sidewall', 144.0], ['sidewall', 96.0], ['ridge', 216.0], ['rake', 216.0]], 216.0, [[0, 0], [360, 0], [360, 120], [216, 120], [216, 216], [0, 216]]],
        ]],
    ];

    public function answer(string $path, bool $twice): Answer
    {
        $parts = explode('/', trim($path, '/'));
        if ($path === '/report/roofs') {
            return Answer::json(['roofs' => array_map(static fn (string $r): array => ['reference' => $r, 'name' => self::ROOFS[$r]['name']], array_keys(self::ROOFS))]);
        }
        $reference = rawurldecode($parts[2] ?? '');
        if (count($parts) !== 3 || $parts[1] !== 'roofs' || ! isset(self::ROOFS[$reference])) {
            return Answer::json(['error' => 'no such roof'], 404);
        }
        $faces = array_map(fn (array $face): array => $this->face($reference, $face), self::ROOFS[$reference]['faces']);

        return Answer::json(['reference' => $reference, 'measured' => '2026-05-04', 'units' => 'in', 'faces' => $twice ? [...$faces, ...$faces] : $faces]);
    }

    /**
     * @param  array<int, mixed>  $face
     * @return array<string, mixed>
     */
    private function face(string $reference, array $face): array
    {
        [$name, $pitch, $edges, $height] = $face;
        $off = fn (string $what, float $true): float => round($true * (1.0 + $this->error($reference.$name.$what)), 1);

        return [
            'name' => $name,
            'pitch' => round($pitch + self::PITCH_ERROR * $this->error($reference.$name.'pitch') / self::MOST_ERROR, 1),
            'edges' => array_map(static fn (array $e, int $i): array => ['kind' => $e[0], 'length' => $off("edge$i", (float) $e[1])], $edges, array_keys($edges)),
            'eaveToRidge' => $off('height', (float) $height),
            ...(isset($face[4]) ? ['corners' => array_map(static fn (array $c, int $i): array => [$off("u$i", (float) $c[0]), $off("v$i", (float) $c[1])], $face[4], array_keys($face[4]))] : []),
        ];
    }

    /** A steady error for a thing: never nothing, at most two percent, either way. */
    private function error(string $of): float
    {
        $share = crc32($of) / 0xFFFFFFFF;

        return (self::LEAST_ERROR + abs(2.0 * $share - 1.0) * (self::MOST_ERROR - self::LEAST_ERROR)) * ($share < 0.5 ? -1.0 : 1.0);
    }
}
