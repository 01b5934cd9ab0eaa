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

        return new self("$face-$strip->position", $face, $strip, $piece->metal->outline, $piece->blank, $piece->sheet->outline, $piece->cutLeft, $piece->cutRight, $piece->rip, $long, $short, $order->of($long), $piece->metal->holes, $piece->sheet->holes);
    }

    /** The same panel in the next strip: as long, and ordered as long. */
    public function again(Strip $strip, StripPiece $piece): self
    {
        return new self("$this->face-$strip->position", $this->face, $strip, $piece->metal->outline, $piece->blank, $piece->sheet->outline, $piece->cutLeft, $piece->cutRight, $piece->rip, $this->long, $this->short, $this->orderLength);
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

        return new self($this->id, $this->face, $this->strip, $metal->outline, $blank, $sheet->outline, $this->cutLeft, $this->cutRight, $this->rip, $long, $short, $order->of($long), $metal->holes, $sheet->holes, lapsOver: $lapsOver);
    }

    /**
     * @param  list<FaceSide>  $sides
     * @param  list<Correction>  $corrections
     */
    public function corrected(Polygon $sheet, array $sides, array $corrections, OrderLength $order): self
    {
        [$long, $short] = self::lengths($sheet, $this->sheetHoles, $sides);

        return new self($this->id, $this->face, $this->strip, $this->metal, $this->blank, $sheet, $this->cutLeft, $this->cutRight, $this->rip, $long, $short, $order->of($long), $this->holes, $this->sheetHoles, $corrections, $this->lapsOver);
    }

    /** The pieces of one strip are lettered from the eave up: none, b, c. */
    public function numbered(int $piece): self
    {
        if ($piece === 0) {
            return $this;
        }
        $letters = $piece < 26 ? chr(ord('a') + $piece) : 'z'.$piece;

        return new self("$this->face-{$this->strip->position}$letters", $this->face, $this->strip, $this->metal, $this->blank, $this->sheet, $this->cutLeft, $this->cutRight, $this->rip, $this->long, $this->short, $this->orderLength, $this->holes, $this->sheetHoles, $this->corrections, $this->lapsOver);
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
