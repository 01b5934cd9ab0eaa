<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

/** What of a drawing can be roof, in the drawing's own units, and a count of what cannot. */
final class DxfDrawing
{
    /** in, ft, mm, cm or m; null where the file does not say. */
    public ?string $unit = null;

    /** @var list<array{layer: string, points: list<array{float, float}>}> closed outlines */
    public array $outlines = [];

    /** @var list<array{layer: string, from: array{float, float}, to: array{float, float}}> */
    public array $lines = [];

    /** @var list<array{text: string, at: array{float, float}}> */
    public array $texts = [];

    /** @var list<array{layer: string, at: array{float, float}, radius: float}> */
    public array $circles = [];

    private int $corners = 0;

    /** @var array<string, array{what: string, layer: string, count: int}> */
    private array $notUnderstood = [];

    public function add(DxfEntity $entity): void
    {
        $points = $entity->points;
        match (true) {
            $entity->broken => $this->leave('broken', $entity->layer),
            $entity->curved => $this->leave('curved', $entity->layer),
            in_array($entity->type, ['LWPOLYLINE', 'POLYLINE'], true) => $this->polyline($entity->layer, $points, $entity->closed),
            $entity->type === 'LINE' && count($points) === 2 => $this->lines[] = ['layer' => $entity->layer, 'from' => $points[0], 'to' => $points[1]],
            in_array($entity->type, ['TEXT', 'MTEXT', 'ATTRIB'], true) && $points !== [] => $this->texts[] = ['text' => $entity->text, 'at' => $points[0]],
            $entity->type === 'CIRCLE' && $points !== [] => $this->circles[] = ['layer' => $entity->layer, 'at' => $points[0], 'radius' => $entity->sizes[40] ?? 0.0],
            default => $this->leave(preg_match('/^[A-Z0-9_]{1,30}$/', $entity->type) === 1 ? $entity->type : 'broken', $entity->layer),
        };
    }

    /** How much of it is kept: sides, lines, texts and circles. */
    public function used(): int
    {
        return $this->corners + count($this->lines) + count($this->texts) + count($this->circles);
    }

    public function leave(string $what, string $layer): void
    {
        $known = $this->notUnderstood["$what $layer"] ?? ['what' => $what, 'layer' => $layer, 'count' => 0];
        $this->notUnderstood["$what $layer"] = [...$known, 'count' => $known['count'] + 1];
    }

    /** @return list<array{what: string, layer: string, count: int}> */
    public function notUnderstood(): array
    {
        return array_slice(array_values($this->notUnderstood), 0, 40);
    }

    /** @param  list<array{float, float}>  $points */
    private function polyline(string $layer, array $points, bool $closed): void
    {
        $n = count($points);
        if ($n > 1 && ! $closed && $points[0] === $points[$n - 1]) {
            array_pop($points);
            $closed = true;
        }
        if ($closed && count($points) > 2) {
            $this->outlines[] = ['layer' => $layer, 'points' => $points];
            $this->corners += count($points);

            return;
        }
        if ($closed || $n < 2) {
            $this->leave('too-few-corners', $layer);

            return;
        }
        for ($i = 0; $i + 1 < $n; $i++) {
            $this->lines[] = ['layer' => $layer, 'from' => $points[$i], 'to' => $points[$i + 1]];
        }
    }
}
