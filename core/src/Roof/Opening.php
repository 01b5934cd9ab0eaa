<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Rules\RuleSet;

/** Something that comes through a face: its outline at the deck in face coordinates, inches. */
final readonly class Opening
{
    /** Corners a round pipe is drawn with. */
    private const ROUND = 16;

    /**
     * @param  Polygon  $outline  counter-clockwise
     * @param  float|null  $below  clear of metal on the down-slope side, `$above` up-slope, `$left` and `$right` beside; null = by house rule
     * @param  bool  $readyMade  flashed as it comes from its maker, not with panel metal
     * @param  Uphill  $uphill  how water is brought past it
     * @param  FromRake|null  $fromRake  how far it was taped from a rake; its outline is moved across the face to it
     */
    private function __construct(
        public string $id,
        public string $face,
        public OpeningKind $kind,
        public string $name,
        public Polygon $outline,
        private ?float $below,
        private ?float $above,
        private ?float $left,
        private ?float $right,
        public bool $readyMade = true,
        public Uphill $uphill = new Uphill,
        private ?FromRake $fromRake = null,
    ) {
    }

    /**
     * @param  float|null  $below  inches kept clear of metal; null = by house rule
     * @param  bool  $readyMade  flashed as it comes from its maker, not with panel metal
     */
    public static function outlined(string $id, string $face, OpeningKind $kind, string $name, Polygon $outline, ?float $below = null, ?float $above = null, ?float $left = null, ?float $right = null, bool $readyMade = true): self
    {
        return new self(
            id: $id,
            face: $face,
            kind: $kind,
            name: $name,
            outline: $outline,
            below: $below,
            above: $above,
            left: $left,
            right: $right,
            readyMade: $readyMade,
        );
    }

    /** The same opening with its uphill side built so. */
    public function shedding(Uphill $uphill): self
    {
        return new self(
            id: $this->id,
            face: $this->face,
            kind: $this->kind,
            name: $this->name,
            outline: $this->outline,
            below: $this->below,
            above: $this->above,
            left: $this->left,
            right: $this->right,
            readyMade: $this->readyMade,
            uphill: $uphill,
            fromRake: $this->fromRake,
        );
    }

    /** The same opening, taped from a rake. */
    public function taped(FromRake $fromRake): self
    {
        return new self(
            id: $this->id,
            face: $this->face,
            kind: $this->kind,
            name: $this->name,
            outline: $this->outline,
            below: $this->below,
            above: $this->above,
            left: $this->left,
            right: $this->right,
            readyMade: $this->readyMade,
            uphill: $this->uphill,
            fromRake: $fromRake,
        );
    }

    /** Where it stands on its face. */
    public function on(Face $face): self
    {
        $shift = $this->fromRake?->shift($face, $this->tapedCorners()) ?? 0.0;

        return $shift === 0.0 ? $this : new self(
            id: $this->id,
            face: $this->face,
            kind: $this->kind,
            name: $this->name,
            outline: Polygon::sound(array_map(static fn (Point $corner): Point => new Point($corner->u + $shift, $corner->v), $this->outline->corners)),
            below: $this->below,
            above: $this->above,
            left: $this->left,
            right: $this->right,
            readyMade: $this->readyMade,
            uphill: $this->uphill,
            fromRake: $this->fromRake,
        );
    }

    /** How far it stands from the nearest rake on one side, square to that; null where there is none. */
    public function offRake(Face $face, bool $isLeft): ?float
    {
        return FromRake::nearest($face, $isLeft, $this->tapedCorners())[0] ?? null;
    }

    /** @return list<Point> what of it one tapes to */
    private function tapedCorners(): array
    {
        return $this->kind === OpeningKind::Pipe ? [$this->centre()] : $this->outline->corners;
    }

    /** Whether its sides run straight up the slope and straight across it. */
    public function isSquare(): bool
    {
        $bounds = $this->outline->bounds();

        return abs($this->outline->area() - $bounds->width() * $bounds->height()) < Tolerance::LENGTH * ($bounds->width() + $bounds->height());
    }

    /** @param  float  $diameter  outside, inches */
    public static function pipe(string $id, string $face, string $name, Point $centre, float $diameter): self
    {
        $corners = [];
        for ($i = 0; $i < self::ROUND; $i++) {
            $turn = 2.0 * M_PI * $i / self::ROUND;
            $corners[] = new Point($centre->u + $diameter / 2.0 * cos($turn), $centre->v + $diameter / 2.0 * sin($turn));
        }

        return new self(
            id: $id,
            face: $face,
            kind: OpeningKind::Pipe,
            name: $name,
            outline: Polygon::sound($corners),
            below: null,
            above: null,
            left: null,
            right: null,
        );
    }

    public function width(): float
    {
        return $this->outline->bounds()->width();
    }

    public function centre(): Point
    {
        $bounds = $this->outline->bounds();

        return new Point(($bounds->left + $bounds->right) / 2.0, ($bounds->bottom + $bounds->top) / 2.0);
    }

    /**
     * How far metal keeps from side i of the outline (corner i to the next), inches square to it. A side that runs
     * more up the slope than across it is beside the opening.
     */
    public function clearance(int $side, Family $family, RuleSet $rules): float
    {
        [$from, $to] = [$this->outline->corner($side), $this->outline->corner($side + 1)];
        [$across, $up] = [$to->u - $from->u, $to->v - $from->v];
        if (abs($up) > abs($across)) {
            // Counter-clockwise: the side that runs up is the right one.
            return ($up > 0.0 ? $this->right : $this->left) ?? $this->beside($family, $rules);
        }

        return $across > 0.0
            ? $this->below ?? $rules->number("opening.{$this->kind->value}.below")
            : $this->above ?? $rules->number("opening.{$this->kind->value}.above");
    }

    private function beside(Family $family, RuleSet $rules): float
    {
        $corrugated = $this->kind === OpeningKind::Skylight && $family === Family::Corrugated;

        return $rules->number($corrugated ? 'opening.skylight.besideCorrugated' : "opening.{$this->kind->value}.beside");
    }
}
