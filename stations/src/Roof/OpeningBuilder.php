<?php

declare(strict_types=1);

namespace Imbrex\Stations\Roof;

use Imbrex\Core\Ground\Geometry\NotAPolygon;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Units\Division;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Roof\FromRake;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\Uphill;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Documents\Understood;
use stdClass;

/** Builds what comes through a roof and gathers what makes no sense about it. */
final class OpeningBuilder
{
    /** No pipe through a roof is thicker, inches. */
    private const THICKEST = 36.0;

    private const FOOT = 12.0;

    /** @var list<Fault> */
    public array $faults = [];

    public function __construct(private readonly stdClass $opening, private readonly string $field)
    {
    }

    /** Null when it cannot be built; the faults say why. */
    public function build(): ?Opening
    {
        $kind = OpeningKind::from((string) $this->opening->kind);
        $name = (string) ($this->opening->name ?? $this->opening->id);
        if ($kind === OpeningKind::Pipe) {
            return $this->has('u', 'v', 'diameter') && $this->isPipe()
                ? $this->taped(Opening::pipe((string) $this->opening->id, (string) $this->opening->face, $name, new Point((float) $this->opening->u, (float) $this->opening->v), (float) $this->opening->diameter))
                : null;
        }
        $outline = isset($this->opening->outline) ? $this->outline() : $this->rectangle();
        $clear = fn (string $side): ?float => isset($this->opening->{$side}) ? (float) $this->opening->{$side} : null;

        $uphill = new Uphill(UphillSchool::from((string) ($this->opening->uphill ?? UphillSchool::Apron->value)), isset($this->opening->cricketRise) ? (float) $this->opening->cricketRise : null);

        return $outline === null ? null : $this->taped(Opening::outlined((string) $this->opening->id, (string) $this->opening->face, $kind, $name, $outline, $clear('below'), $clear('above'), $clear('left'), $clear('right'), ($this->opening->flashing ?? 'ready-made') === 'ready-made')->shedding($uphill));
    }

    private function taped(Opening $opening): Opening
    {
        $from = $this->opening->fromRake ?? null;

        return $from === null ? $opening : $opening->taped(new FromRake($from->side === 'left', (float) $from->off));
    }

    private function rectangle(): ?Polygon
    {
        if (! $this->has('u', 'v', 'width', 'height')) {
            return null;
        }
        [$u, $v] = [(float) $this->opening->u, (float) $this->opening->v];

        return Polygon::rectangle($u, $v, $u + (float) $this->opening->width, $v + (float) $this->opening->height);
    }

    private function outline(): ?Polygon
    {
        $corners = array_map(static fn (array $c): Point => new Point((float) $c[0], (float) $c[1]), array_values($this->opening->outline));
        $crossing = Polygon::sound($corners)->crossing();
        if ($crossing !== null) {
            $this->fault('outline', 'self-crossing', $this->opening->outline, ['first' => $crossing->first, 'second' => $crossing->second]);

            return null;
        }
        try {
            return Polygon::of($corners);
        } catch (NotAPolygon $e) {
            $this->fault('outline', $e->cause, $this->opening->outline);

            return null;
        }
    }

    /** A pipe so thick was typed in feet. */
    private function isPipe(): bool
    {
        $inches = (float) $this->opening->diameter;
        if ($inches > self::THICKEST) {
            $tape = new TapePrinter(Division::Sixteenth);
            $this->faults[] = new Fault("$this->field.diameter", 'pipe-thick', $tape->print($inches), ['most' => $tape->inInches()->print(self::THICKEST), 'meant' => $tape->inInches()->print($inches / self::FOOT), 'fits' => $inches / self::FOOT <= self::THICKEST ? 'yes' : 'no']);
        }

        return $inches <= self::THICKEST;
    }

    private function has(string ...$fields): bool
    {
        foreach ($fields as $field) {
            if (! isset($this->opening->{$field})) {
                $this->faults[] = new Fault("$this->field.$field", 'missing', Understood::NOTHING);
            }
        }

        return $this->faults === [];
    }

    /** @param  array<string, string|int|float>  $accepted */
    private function fault(string $field, string $code, mixed $understood, array $accepted = []): void
    {
        $this->faults[] = new Fault("$this->field.$field", $code, Understood::inWords($understood), $accepted);
    }
}
