<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Cutting\Internal\PieceSides;
use Imbrex\Core\Ground\Geometry\KeptLean;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Metalwork\TwoLengths;
use Imbrex\Core\Layout\FaceSide;
use Imbrex\Core\Layout\Strip;
use Imbrex\Core\Layout\StripPiece;

/** One piece of metal on a face: what it covers, what it is cut from, what is ordered for it. */
final readonly class Panel
{
    use KeptLean;

    /** Its metal ends at a place within so much (in). */
    private const ENDS = 1e-3;

    /**
     * @param  Polygon  $metal  what lies between its module lines on the deck, hems apart; face coordinates, inches
     * @param  Polygon  $blank  the same with its hems laid flat
     * @param  Polygon  $sheet  the blank as wide as the formed metal, legs and laps included; its sides tagged as the face's are
     * @param  bool  $cutLeft  ripped or trimmed along its left side; `$cutRight` along its right one
     * @param  float|null  $rip  width where it is cut lengthwise
     * @param  float  $long  the longest the sheet is, out to out
     * @param  float  $short  the shorter of its two edges; `$long` again where it is not made from two lengths
     * @param  list<Polygon>  $holes  in the metal, clockwise
     * @param  float  $orderLength  with the extra, rounded up to the ordering step
     * @param  list<Polygon>  $sheetHoles  in the sheet, clockwise: openings that lie within the pan
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
        public array $corrections = [],
        public bool $lapsOver = false,
    ) {
    }

    /** @param  list<FaceSide>  $sides  by the tag a sheet's side carries */
    public static function cut(string $face, Strip $strip, StripPiece $piece, array $sides, OrderLength $order): self
    {
        [$long, $short] = self::lengths($piece->sheet->outline, $piece->sheet->holes, $sides);

        return new self(
            id: "$face-$strip->position",
            face: $face,
            strip: $strip,
            metal: $piece->metal->outline,
            blank: $piece->blank,
            sheet: $piece->sheet->outline,
            cutLeft: $piece->cutLeft,
            cutRight: $piece->cutRight,
            rip: $piece->rip,
            long: $long,
            short: $short,
            orderLength: $order->of($long),
            holes: $piece->metal->holes,
            sheetHoles: $piece->sheet->holes,
        );
    }

    /** The same panel in the next strip: as long, and ordered as long. */
    public function again(Strip $strip, StripPiece $piece): self
    {
        return new self(
            id: "$this->face-$strip->position",
            face: $this->face,
            strip: $strip,
            metal: $piece->metal->outline,
            blank: $piece->blank,
            sheet: $piece->sheet->outline,
            cutLeft: $piece->cutLeft,
            cutRight: $piece->cutRight,
            rip: $piece->rip,
            long: $this->long,
            short: $this->short,
            orderLength: $this->orderLength,
        );
    }

    /**
     * Where a line straight up the slope runs over its metal.
     *
     * @param  float  $u  across the face, inches
     * @return list<array{float, float}> from where to where, inches up the slope
     */
    public function upAt(float $u): array
    {
        $crossings = [];
        foreach ([$this->metal, ...$this->holes] as $loop) {
            array_push($crossings, ...$loop->transposed()->crossingsAt($u));
        }
        sort($crossings);

        return array_values(array_filter(array_map(static fn (array $pair): array => [$pair[0], $pair[1] ?? $pair[0]], array_chunk($crossings, 2)), static fn (array $pair): bool => $pair[1] - $pair[0] > 1e-6));
    }

    /**
     * What it was cut to where its metal ends: face coordinates, inches.
     *
     * @return array{int|null, float} the number of the face's side, null of an end lap; and how much longer the way along the rib is there than square to it
     */
    public function cutTo(float $u, float $v): array
    {
        foreach ([$this->metal, ...$this->holes] as $loop) {
            foreach ($loop->corners as $i => $from) {
                $to = $loop->corner($i + 1);
                $wide = $to->u - $from->u;
                if (abs($wide) > self::ENDS && $u >= min($from->u, $to->u) && $u <= max($from->u, $to->u) && abs($from->v + ($u - $from->u) / $wide * ($to->v - $from->v) - $v) < self::ENDS) {
                    return [$loop->tag($i) >= 0 ? $loop->tag($i) : null, $from->distanceTo($to) / abs($wide)];
                }
            }
        }

        return [null, 1.0];
    }

    /** Whether something is cut out of its side, its end or its middle. */
    public function isNotched(): bool
    {
        return $this->sheetHoles !== [] || ! $this->sheet->isConvex();
    }

    /** Whether one of its edges is so much longer than the other that it shows on a tape. */
    public function isAngled(): bool
    {
        return $this->long - $this->short > TwoLengths::SHOWS;
    }

    /**
     * One length of this panel where it is parted by end laps.
     *
     * @param  list<FaceSide>  $sides
     */
    public function lengthOf(Region $metal, Polygon $blank, Region $sheet, array $sides, OrderLength $order, bool $lapsOver): self
    {
        [$long, $short] = self::lengths($sheet->outline, $sheet->holes, $sides);

        return new self(
            id: $this->id,
            face: $this->face,
            strip: $this->strip,
            metal: $metal->outline,
            blank: $blank,
            sheet: $sheet->outline,
            cutLeft: $this->cutLeft,
            cutRight: $this->cutRight,
            rip: $this->rip,
            long: $long,
            short: $short,
            orderLength: $order->of($long),
            holes: $metal->holes,
            sheetHoles: $sheet->holes,
            lapsOver: $lapsOver,
        );
    }

    /**
     * @param  list<FaceSide>  $sides
     * @param  list<Correction>  $corrections
     */
    public function corrected(Polygon $sheet, array $sides, array $corrections, OrderLength $order): self
    {
        [$long, $short] = self::lengths($sheet, $this->sheetHoles, $sides);

        return new self(
            id: $this->id,
            face: $this->face,
            strip: $this->strip,
            metal: $this->metal,
            blank: $this->blank,
            sheet: $sheet,
            cutLeft: $this->cutLeft,
            cutRight: $this->cutRight,
            rip: $this->rip,
            long: $long,
            short: $short,
            orderLength: $order->of($long),
            holes: $this->holes,
            sheetHoles: $this->sheetHoles,
            corrections: $corrections,
            lapsOver: $this->lapsOver,
        );
    }

    /** The pieces of one strip are lettered from the eave up: none, b, c. */
    public function numbered(int $piece): self
    {
        if ($piece === 0) {
            return $this;
        }
        $letters = $piece < 26 ? chr(ord('a') + $piece) : 'z'.$piece;

        return new self(
            id: "$this->face-{$this->strip->position}$letters",
            face: $this->face,
            strip: $this->strip,
            metal: $this->metal,
            blank: $this->blank,
            sheet: $this->sheet,
            cutLeft: $this->cutLeft,
            cutRight: $this->cutRight,
            rip: $this->rip,
            long: $this->long,
            short: $this->short,
            orderLength: $this->orderLength,
            holes: $this->holes,
            sheetHoles: $this->sheetHoles,
            corrections: $this->corrections,
            lapsOver: $this->lapsOver,
        );
    }

    /**
     * @param  list<Polygon>  $holes
     * @param  list<FaceSide>  $sides
     * @return array{float, float} the longest the sheet is, and the shorter of its two edges: 0 where it runs to a point, the longest again where it is not made from two lengths
     */
    private static function lengths(Polygon $sheet, array $holes, array $sides): array
    {
        $piece = PieceSides::of($sheet, $holes, $sides);

        return [$piece->length, min($piece->edge(true) ?? $piece->length, $piece->edge(false) ?? $piece->length)];
    }
}
