<?php

declare(strict_types=1);

namespace App\Services;

use Imbrex\Core\Ground\Catalogue\EdgeKind;

/** A roof as a measurement-report service sees it from afar: readings of source "report", never the truth. */
final readonly class MeasurementReport
{
    private const MOST_ROOFS = 500;

    private const MOST_FACES = 60;

    private const MOST_EDGES = 40;

    private const LONGEST = 12_000.0;

    public function __construct(private OutsideWorld $world)
    {
    }

    /**
     * @return list<array{reference: string, name: string}>
     *
     * @throws ServiceFault
     */
    public function offered(): array
    {
        $roofs = $this->world->ask('report', 'report/roofs')['roofs'] ?? null;
        if (! is_array($roofs) || count($roofs) > self::MOST_ROOFS) {
            throw ServiceFault::garbage('report');
        }
        $offered = [];
        foreach ($roofs as $roof) {
            $offered[] = is_array($roof) ? ['reference' => $this->text($roof['reference'] ?? null), 'name' => $this->text($roof['name'] ?? null)] : throw ServiceFault::garbage('report');
        }

        return $offered;
    }

    /**
     * @return list<array<string, mixed>> planes of a job document, their readings all of source "report"
     *
     * @throws ServiceFault
     */
    public function planes(string $reference): array
    {
        $roof = $this->world->ask('report', 'report/roofs/'.rawurlencode($reference));
        $faces = $roof['faces'] ?? null;
        if (! is_array($faces) || ! array_is_list($faces) || $faces === [] || count($faces) > self::MOST_FACES) {
            throw ServiceFault::garbage('report');
        }
        // A face sent twice is one face.
        $faces = array_values(array_unique($faces, SORT_REGULAR));
        $time = isset($roof['measured']) ? $this->text($roof['measured']) : null;

        return array_map(fn (mixed $face, int $i): array => $this->plane(is_array($face) ? $face : throw ServiceFault::garbage('report'), $i, $time), $faces, array_keys($faces));
    }

    /**
     * @param  array<mixed>  $face
     * @return array<string, mixed>
     */
    private function plane(array $face, int $number, ?string $time): array
    {
        $edges = $face['edges'] ?? null;
        if (! is_array($edges) || ! array_is_list($edges) || count($edges) < 3 || count($edges) > self::MOST_EDGES) {
            throw ServiceFault::garbage('report');
        }
        $kinds = [];
        $lengths = [];
        foreach ($edges as $edge) {
            $kinds[] = (EdgeKind::tryFrom(is_array($edge) && is_string($edge['kind'] ?? null) ? $edge['kind'] : '') ?? throw ServiceFault::garbage('report'))->value;
            $lengths[] = $this->number($edge['length'] ?? null, self::LONGEST);
        }
        $readings = match (count($edges)) {
            3 => [['eave', $lengths[0]], ['rightRake', $lengths[1]], ['leftRake', $lengths[2]]],
            4 => [['eave', $lengths[0]], ['rightRake', $lengths[1]], ['ridge', $lengths[2]], ['leftRake', $lengths[3]]],
            default => [],
        };
        if (isset($face['eaveToRidge']) && $readings !== []) {
            $readings[] = ['eaveToRidge', $this->number($face['eaveToRidge'], self::LONGEST)];
        }
        $readings[] = ['pitch', $this->number($face['pitch'] ?? null, 48.0)];
        $documents = array_map(static fn (array $r): array => ['quantity' => $r[0], 'value' => $r[1]], $readings);
        if (count($edges) > 4) {
            array_push($documents, ...$this->byCorner($face['corners'] ?? null, $lengths));
        }

        return [
            'id' => 'P'.($number + 1),
            'name' => $this->text($face['name'] ?? null),
            'shape' => match (count($edges)) {
                3 => 'triangle',
                4 => abs($lengths[0] - $lengths[2]) < 0.08 * $lengths[0] ? 'rectangle' : 'trapezoid',
                default => 'free',
            },
            'edges' => $kinds,
            'readings' => array_map(static fn (array $r, int $i): array => ['id' => 'r'.($i + 1), ...$r, 'source' => 'report', ...($time === null ? [] : ['time' => mb_substr($time, 0, 40)])], $documents, array_keys($documents)),
        ];
    }

    /**
     * @param  list<float>  $lengths
     * @return list<array<string, mixed>>
     */
    private function byCorner(mixed $corners, array $lengths): array
    {
        if (! is_array($corners) || count($corners) !== count($lengths)) {
            throw ServiceFault::garbage('report');
        }
        $readings = [];
        foreach (array_values($corners) as $i => $corner) {
            foreach (['along' => 0, 'up' => 1] as $quantity => $axis) {
                $value = is_array($corner) ? ($corner[$axis] ?? null) : null;
                if ((! is_float($value) && ! is_int($value)) || abs($value) > self::LONGEST) {
                    throw ServiceFault::garbage('report');
                }
                if ($i > 1 || ($i === 1 && $quantity === 'along')) {
                    $readings[] = ['quantity' => $quantity, 'corner' => $i, 'value' => (float) $value];
                }
            }
            $readings[] = ['quantity' => 'between', 'corner' => $i, 'to' => ($i + 1) % count($lengths), 'value' => $lengths[$i]];
        }

        return $readings;
    }

    private function number(mixed $value, float $most): float
    {
        return (is_float($value) || is_int($value)) && $value > 0 && $value <= $most ? (float) $value : throw ServiceFault::garbage('report');
    }

    private function text(mixed $value): string
    {
        return is_string($value) && trim($value) !== '' ? mb_substr(trim($value), 0, 80) : throw ServiceFault::garbage('report');
    }
}
