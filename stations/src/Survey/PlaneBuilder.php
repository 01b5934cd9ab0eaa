<?php

declare(strict_types=1);

namespace Imbrex\Stations\Survey;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\NotAPolygon;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Survey\OldPanels;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\ShapeKind;
use Imbrex\Core\Survey\Source;
use Imbrex\Core\Survey\Tie;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Documents\ReadingValue;
use Imbrex\Stations\Documents\Understood;
use stdClass;

/** Builds one plane and gathers what makes no sense about it. */
final class PlaneBuilder
{
    /** A side shorter than any tape shows is a corner entered twice. */
    private const SHORTEST_SIDE = 0.03;

    private const STEEPEST_READING = 48.0;

    /** @var list<Fault> */
    public array $faults = [];

    public function __construct(private readonly stdClass $plane, private readonly string $field)
    {
    }

    /** Null when it cannot be built; the faults say why. */
    public function build(): ?Plane
    {
        $outline = $this->outline();
        $edges = $this->edges($outline);
        $readings = $this->readings();
        if ($this->faults !== []) {
            return null;
        }

        return new Plane(
            id: (string) $this->plane->id,
            name: (string) $this->plane->name,
            outline: $outline,
            edges: $edges,
            readings: $readings,
            riseIn12: isset($this->plane->riseIn12) ? (float) $this->plane->riseIn12 : null,
            ridgeWith: $this->plane->ridgeWith ?? null,
            roofOver: ($this->plane->covering ?? 'tear-off') === 'roof-over',
            oldLayers: (int) ($this->plane->oldLayers ?? 0),
            shape: $this->shape(),
            ties: array_map(static fn (stdClass $tie): Tie => new Tie((int) $tie->side, (string) $tie->plane, (int) $tie->itsSide), array_values($this->plane->ties ?? [])),
            leansLeft: ($this->plane->leans ?? 'right') === 'left',
            placed: isset($this->plane->placed) ? new Point((float) $this->plane->placed->x, (float) $this->plane->placed->y) : null,
            old: isset($this->plane->old) ? new OldPanels((float) $this->plane->old->cover, isset($this->plane->old->seamHeight) ? (float) $this->plane->old->seamHeight : null) : null,
        );
    }

    private function outline(): ?Polygon
    {
        if (! isset($this->plane->outline)) {
            return null;
        }
        $corners = array_map(static fn (array $c): Point => new Point((float) $c[0], (float) $c[1]), array_values($this->plane->outline));
        foreach ($corners as $i => $corner) {
            if ($corner->distanceTo($corners[($i + 1) % count($corners)]) < self::SHORTEST_SIDE) {
                $this->fault("outline[$i]", 'corner-twice', Understood::inWords($this->plane->outline[$i]).' '.json_encode($this->plane->outline[$i]));

                return null;
            }
        }
        $crossing = Polygon::sound($corners)->crossing();
        if ($crossing !== null) {
            $this->fault('outline', 'self-crossing', Understood::inWords($this->plane->outline), ['first' => $crossing->first, 'second' => $crossing->second]);

            return null;
        }
        try {
            return Polygon::of($corners);
        } catch (NotAPolygon $e) {
            $this->fault('outline', $e->cause, Understood::inWords($this->plane->outline));

            return null;
        }
    }

    /** @return list<EdgeKind> */
    private function edges(?Polygon $outline): array
    {
        $edges = array_map(static fn (string $kind): EdgeKind => EdgeKind::from($kind), $this->plane->edges ?? []);
        $sides = $outline === null ? $this->shape()->corners() ?? count($edges) : count($outline->corners);
        $cannotBeGuessed = $outline === null ? $this->shape() === ShapeKind::Free : true;
        if ($cannotBeGuessed && $edges === []) {
            $this->fault('edges', 'missing', Understood::NOTHING);
        } elseif ($edges !== [] && count($edges) !== $sides) {
            $this->fault('edges', 'edges-count', Understood::inWords($this->plane->edges), ['sides' => $sides]);
        }

        return array_values($edges);
    }

    /** @return list<Reading> */
    private function readings(): array
    {
        $readings = [];
        $seen = [];
        foreach ($this->plane->readings ?? [] as $i => $reading) {
            if (isset($seen[(string) $reading->id])) {
                $this->fault("readings[$i].id", 'id-twice', Understood::inWords($reading->id));
            }
            $seen[(string) $reading->id] = true;
            $value = $this->value($reading, $i);
            if (($reading->low ?? 'deck') === 'old-panel' && $reading->quantity !== Quantity::EaveToRidge->value) {
                $this->fault("readings[$i].low", 'low-end', Understood::inWords($reading->low));
            }
            if ($value !== null && $this->cornersThere($reading, $i)) {
                $readings[] = new Reading(
                    id: (string) $reading->id,
                    quantity: Quantity::from((string) $reading->quantity),
                    value: $value,
                    source: Source::from((string) $reading->source),
                    at: (float) ($reading->at ?? 0.5),
                    time: $reading->time ?? null,
                    corner: $reading->corner ?? null,
                    to: $reading->to ?? null,
                    panels: isset($reading->value) || ! isset($reading->panels) ? null : (float) $reading->panels,
                    toOldPanel: ($reading->low ?? 'deck') === 'old-panel',
                );
            }
        }

        return $readings;
    }

    /** Inches, or rise in 12: as measured, or old panels times their cover. */
    private function value(stdClass $reading, int $i): ?float
    {
        $value = ReadingValue::of($reading);
        if ($value === null) {
            $this->fault("readings[$i].value", 'missing', Understood::NOTHING);
        } elseif ($reading->quantity === Quantity::Pitch->value && $value > self::STEEPEST_READING) {
            $this->fault("readings[$i].value", 'range', Understood::inWords($value), ['least' => 0, 'most' => self::STEEPEST_READING]);

            return null;
        } elseif ($value <= 0.0 && ! in_array($reading->quantity, [Quantity::Along->value, Quantity::Up->value], true)) {
            $this->fault("readings[$i].value", 'range', Understood::inWords($value), ['least' => 0, 'most' => 12_000]);

            return null;
        } elseif ($value > 12_000.0) {
            $this->fault("readings[$i].panels", 'range', Understood::inWords($value), ['least' => 0, 'most' => 12_000]);

            return null;
        }

        return $value;
    }

    /** Whether a reading that needs corners names ones the plane has. */
    private function cornersThere(stdClass $reading, int $i): bool
    {
        $needed = match ($reading->quantity) {
            Quantity::Along->value, Quantity::Up->value => ['corner'],
            Quantity::Between->value => ['corner', 'to'],
            default => [],
        };
        $corners = count($this->plane->outline ?? []) ?: $this->shape()->corners() ?? count($this->plane->edges ?? []);
        foreach ($needed as $field) {
            $number = $reading->{$field} ?? null;
            if ($number === null || $number >= $corners || ($field === 'to' && $number === $reading->corner)) {
                $this->fault("readings[$i].$field", 'corner-unknown', Understood::inWords($number), ['most' => $corners - 1]);

                return false;
            }
        }

        return true;
    }

    private function shape(): ShapeKind
    {
        return ShapeKind::from((string) ($this->plane->shape ?? ShapeKind::Rectangle->value));
    }

    /** @param  array<string, string|int|float>  $accepted */
    private function fault(string $field, string $code, string $understood, array $accepted = []): void
    {
        $this->faults[] = new Fault("$this->field.$field", $code, $understood, $accepted);
    }
}
