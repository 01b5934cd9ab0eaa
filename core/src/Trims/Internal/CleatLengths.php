<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Cutting\CleatLines;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Roof;

/** How long the cleats beside valleys are: as their chalk lines, which end where those of the next valley or the face do. */
final class CleatLengths
{
    /** @var array<string, array<string, float>> inches, by face and edge */
    private array $lengths = [];

    public function __construct(private readonly Roof $roof, private readonly CleatLines $lines)
    {
    }

    /** Inches; null of what is no cleat beside a valley. */
    public function length(Edge $edge, Layer $layer): ?float
    {
        $face = $edge->faces[$layer->key === $layer->side() ? 0 : 1] ?? null;
        if ($edge->kind !== EdgeKind::Valley || $layer->role !== LayerRole::Cleat || $face === null) {
            return null;
        }

        return ($this->lengths[$face] ??= $this->on($face))[$edge->id] ?? null;
    }

    /** @return array<string, float> by edge */
    private function on(string $id): array
    {
        $face = $this->roof->face($id);
        $lengths = [];
        foreach ($face === null ? [] : $this->lines->on($face) as $line) {
            if ($line->edge !== null) {
                $lengths[$line->edge] = ($lengths[$line->edge] ?? 0.0) + $line->from->distanceTo($line->to);
            }
        }

        return $lengths;
    }
}
