<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Geometry\Region;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Layout\Strip;

/** One piece of metal on a face: what it covers, what it is cut from, what is ordered for it. */
final readonly class Panel
{
    /**
     * @param  Polygon  $metal  what lies between its module lines on the deck, hems apart; face coordinates, inches
     * @param  Polygon  $blank  the same with its hems laid flat
     * @param  Polygon  $sheet  the blank as wide as the formed metal, legs and laps included
     * @param  bool  $cutLeft  ripped or trimmed along its left side; `$cutRight` along its right one
     * @param  float|null  $rip  width where it is cut lengthwise
     * @param  float  $long  longest side of the blank at the metal's own edges; `$short` the shortest
     * @param  list<Polygon>  $holes  in the metal, clockwise
     * @param  float  $orderLength  with the extra, rounded up to the ordering step
     * @param  list<Polygon>  $sheetHoles  in the sheet, clockwise: openings that lie within the pan
     * @param  Polygon|null  $asPlanned  the sheet before a first fit corrected it, corner for corner
     * @param  list<Correction>  $corrections  carried to it from first fits
     * @param  bool  $lapsOver  its foot laps over a lower length of the same panel
     */
    public function __construct(
        public string $id,
        public string $face,
        public Strip $strip,
        public Polygon $metal,
        public Polygon $blank,
        public Polygon $sheet,
        public bool $cutLeft,
        public bool $cutRight,
        public ?float $rip,
        public float $long,
        public float $short,
        public float $orderLength,
        public array $holes = [],
        public array $sheetHoles = [],
        public ?Polygon $asPlanned = null,
        public array $corrections = [],
        public bool $lapsOver = false,
    ) {
    }

    public static function cut(string $face, Strip $strip, Region $metal, Polygon $blank, Region $sheet, bool $cutLeft, bool $cutRight, ?float $rip, OrderLength $order, bool $lapsOver = false): self
    {
        [$long, $short] = self::lengths($sheet->outline);

        return new self("$face-$strip->position", $face, $strip, $metal->outline, $blank, $sheet->outline, $cutLeft, $cutRight, $rip, $long, $short, $order->of($long), $metal->holes, $sheet->holes, lapsOver: $lapsOver);
    }

    /** Whether something is cut out of its side, its end or its middle. */
    public function isNotched(): bool
    {
        return $this->sheetHoles !== [] || ! $this->sheet->isConvex();
    }

    /** One length of this panel where it is parted by end laps. */
    public function lengthOf(Region $metal, Polygon $blank, Region $sheet, OrderLength $order, bool $lapsOver): self
    {
        return self::cut($this->face, $this->strip, $metal, $blank, $sheet, $this->cutLeft, $this->cutRight, $this->rip, $order, $lapsOver);
    }

    /** @param  list<Correction>  $corrections */
    public function corrected(Polygon $sheet, array $corrections, OrderLength $order): self
    {
        [$long, $short] = self::lengths($sheet);

        return new self($this->id, $this->face, $this->strip, $this->metal, $this->blank, $sheet, $this->cutLeft, $this->cutRight, $this->rip, $long, $short, $order->of($long), $this->holes, $this->sheetHoles, $this->sheet, $corrections, $this->lapsOver);
    }

    /** The pieces of one strip are lettered from the eave up: none, b, c. */
    public function numbered(int $piece): self
    {
        $letters = $piece === 0 ? '' : ($piece < 26 ? chr(ord('a') + $piece) : 'z'.$piece);

        return new self("$this->face-{$this->strip->position}$letters", $this->face, $this->strip, $this->metal, $this->blank, $this->sheet, $this->cutLeft, $this->cutRight, $this->rip, $this->long, $this->short, $this->orderLength, $this->holes, $this->sheetHoles, $this->asPlanned, $this->corrections, $this->lapsOver);
    }

    /** @return array{float, float} the longest the sheet is, and the shorter of its two edges; 0 where it runs to a point */
    private static function lengths(Polygon $sheet): array
    {
        $bounds = $sheet->bounds();

        return [$bounds->height(), min(self::edgeLength($sheet, $bounds->left), self::edgeLength($sheet, $bounds->right))];
    }

    private static function edgeLength(Polygon $sheet, float $u): float
    {
        $on = [];
        foreach ($sheet->corners as $corner) {
            if (abs($corner->u - $u) < Tolerance::LENGTH) {
                $on[] = $corner->v;
            }
        }

        return $on === [] ? 0.0 : max($on) - min($on);
    }
}
