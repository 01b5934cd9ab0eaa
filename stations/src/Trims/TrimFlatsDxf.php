<?php

declare(strict_types=1);

namespace Imbrex\Stations\Trims;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Trims\Ends\TrimFlat;
use Imbrex\Core\Trims\TrimPiece;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\DxfWriter;
use Imbrex\Stations\Words\Words;

/** Flats of trims, colour up, one above the other, those alike once: outlines on CUT, bends on BEND, notches on NOTCH, names on NAME. */
final readonly class TrimFlatsDxf
{
    private const APART = 6.0;

    private const LETTERS = 1.5;

    public function __construct(private Words $words)
    {
    }

    public function write(Edition $edition): string
    {
        $drawing = new DxfWriter;
        $low = 0.0;
        foreach ($this->alike($edition) as [$run, $pieces]) {
            $flat = TrimFlat::of($run, $pieces[0]);
            $at = static fn (Point $p): Point => new Point($p->u, $p->v + $low);
            $drawing->outline('CUT', array_map($at, $flat->outline));
            foreach ($flat->lines as $line) {
                $drawing->line(strtoupper($line->kind->value), $at($line->from), $at($line->to));
            }
            $name = $this->words->say("trim.{$run->shape->key}").' '.implode(' ', array_map(static fn (TrimPiece $piece): string => $piece->id, $pieces));
            $drawing->words('NAME', new Point(0.0, $low - 2.0 * self::LETTERS), self::LETTERS, $name);
            $low += $flat->girth + self::APART;
        }

        return $drawing->text();
    }

    /** @return list<array{TrimRun, non-empty-list<TrimPiece>}> */
    private function alike(Edition $edition): array
    {
        $alike = [];
        foreach ($edition->plan()->of(TrimsStage::class)->runs as $run) {
            foreach ($run->pieces as $piece) {
                $looks = implode(' ', [$run->kind(), sprintf('%.4f', $piece->length), $run->end($piece, false)->looks(), $run->end($piece, true)->looks()]);
                $alike[$looks] = [$run, [...$alike[$looks][1] ?? [], $piece]];
            }
        }

        return array_values($alike);
    }
}
