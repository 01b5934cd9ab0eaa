<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Cutting\Internal\FlatSheet;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\LineClipper;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Metalwork\Line;
use Imbrex\Core\Ground\Metalwork\MarkKind;

/** What is cut from the coil for one piece, face up, its legs laid flat: x from the coil's left edge, y up from B; inches. */
final readonly class FlatBlank
{
    /**
     * @param  list<Line>  $lines  to bend and notch by; the outline and the holes are what is cut
     * @param  list<Polygon>  $holes
     * @param  bool  $legsLaidFlat  false where the profile does not say how its legs or ribs are folded: then it is as wide as formed
     */
    private function __construct(public string $panel, public Polygon $outline, public array $holes, public array $lines, public float $width, public float $length, public bool $legsLaidFlat)
    {
    }

    /** @param  CutCard  $card  of the panel, the face view */
    public static function of(CutCard $card, Panel $panel, Profile $profile): self
    {
        $flat = new FlatSheet($profile, $panel);
        $bounds = $panel->sheet->bounds();
        $onFace = static fn (Point $p): Point => new Point($p->u + $bounds->left, $p->v + $bounds->bottom);
        $lines = [];
        foreach ($card->lines as $line) {
            array_push($lines, ...self::laidFlat($flat, $line->kind, $onFace($line->from), $onFace($line->to)));
        }
        foreach ($flat->bends() as [$from, $to]) {
            $lines[] = new Line(MarkKind::Bend, $from, $to);
        }

        $metal = new Region($flat->loop($panel->sheet), array_map($flat->loop(...), $panel->sheetHoles));
        $lines = array_merge(...array_map(static fn (Line $line): array => array_map(
            static fn (array $part): Line => new Line($line->kind, ...$part),
            (new LineClipper)->within($metal, $line->from, $line->to),
        ), $lines));
        $fromB = $metal->moved(0.0, -$bounds->bottom);

        return new self(
            panel: $panel->id,
            outline: $fromB->outline,
            holes: $fromB->holes,
            lines: array_map(static fn (Line $line): Line => $line->moved(0.0, -$bounds->bottom), $lines),
            width: $flat->width(),
            length: $card->length,
            legsLaidFlat: $flat->isFlat(),
        );
    }

    /** @return list<Line> */
    private static function laidFlat(FlatSheet $flat, MarkKind $kind, Point $from, Point $to): array
    {
        $across = $kind === MarkKind::Notch ? $flat->notch($from, $to) : null;
        if ($across !== null) {
            return [new Line($kind, $across[0], $across[1]), new Line($kind, $across[1], $across[2])];
        }
        $ends = $kind === MarkKind::Cut ? null : $flat->inPan($from, $to);

        return $ends === null ? [] : [new Line($kind, ...$ends)];
    }
}
