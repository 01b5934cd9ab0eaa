<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Fit\FittedLine;
use Imbrex\Core\Cutting\Fit\LinePicture;
use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\Cutting\Fit\PieceLine;
use Imbrex\Core\Cutting\Fit\SideTaped;
use Imbrex\Core\Cutting\Fit\TapedMark;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Metalwork\TwoLengths;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Stations\Wire;

/**
 * Puts what was taped at the edges of a piece into the shape the bench shows.
 *
 * @phpstan-import-type PlanOutlineShape from Wire
 *
 * What a tape reads where the end lies as its card has it: hems flat, and folded under.
 *
 * @phpstan-type PieceReadsShape array{
 *     flat: array{long: float|null, short: float|null},
 *     folded: array{long: float|null, short: float|null},
 * }
 * @phpstan-type PieceLineShape array{
 *     id: string,
 *     kind: string,
 *     // Which end its card is measured from.
 *     from: 'T'|'B',
 *     reads: array{T: PieceReadsShape, B: PieceReadsShape},
 *     // What to set a square to: rise over width, and the bevel to the rib.
 *     square: array{
 *         width: float,
 *         // As drawn.
 *         drawn: array{rise: float, degrees: float}|null,
 *         // As taped; null where nothing was.
 *         taped: array{rise: float, degrees: float}|null,
 *     },
 *     // Of the taped line from the drawn one at its middle.
 *     offset: array{
 *         inches: float,
 *         // out: the face has grown.
 *         way: 'on'|'out'|'in',
 *     }|null,
 *     marks: list<PieceMarkShape>,
 *     next: list<array{
 *         id: string,
 *         name: string,
 *         before: array{long: float, short: float},
 *         after: array{long: float, short: float},
 *     }>,
 *     // The edge as drawn and as taped on its face, their difference so many times larger.
 *     picture: array{
 *         times: int,
 *         outline: PlanOutlineShape,
 *         drawn: PlanOutlineShape,
 *         taped: PlanOutlineShape,
 *         marks: PlanOutlineShape,
 *     }|null,
 *     // How far the farther end of the edge moves when one mark is misread by a sixteenth; null where that is little.
 *     farEnd: float|null,
 *     // Seams that run at the edge.
 *     seams: list<array{
 *         u: float,
 *         // Up from the eave to the line as it is held now.
 *         reads: float,
 *         left: string,
 *         right: string,
 *     }>,
 * }
 * @phpstan-type PieceMarkShape array{
 *     id: string,
 *     piece: string|null,
 *     side: 'long'|'short'|'seam',
 *     from: 'T'|'B',
 *     measured: float,
 *     miss: float,
 *     apart: bool,
 *     wrong: bool,
 *     way: 'on'|'more'|'less',
 * }
 * @phpstan-type AstrayMarkShape array{id: string, piece: string, side: 'long'|'short'|'seam', measured: float}
 */
final class PieceLineWriter
{
    /** @return list<PieceLineShape> by the edges a piece is cut to */
    public function lines(Plan $plan, Face $face, Panel $panel, bool $fromHead): array
    {
        return array_map(fn (PieceLine $line): array => [
            'id' => $line->edge->id,
            'kind' => $line->edge->kind->value,
            'from' => $fromHead ? 'T' : 'B',
            'reads' => ['T' => self::reads($line, true), 'B' => self::reads($line, false)],
            'square' => self::square($line),
            'farEnd' => $line->farEnd(),
            'offset' => self::offset($line->offset()),
            'marks' => array_map(fn (TapedMark $mark): array => $this->mark($plan, $line->fitted, $mark), $line->fitted->marks ?? []),
            'seams' => array_map(fn (array $seam): array => ['u' => $seam[0], 'reads' => $seam[1], 'left' => $plan->of(CuttingStage::class)->name("$face->id-$seam[2]"), 'right' => $plan->of(CuttingStage::class)->name("$face->id-".($seam[2] + 1))], $line->seams()),
            'next' => array_map(fn (array $next): array => [
                'id' => $next[0]->id,
                'name' => $plan->of(CuttingStage::class)->name($next[0]->id),
                'before' => self::lengths($next[1]),
                'after' => self::lengths($next[2]),
            ], $line->next()),
            'picture' => self::picture($face, $line->picture()),
        ], PieceLine::all($plan, $face, $panel));
    }

    /** @return list<AstrayMarkShape> what was taped at no edge there is now */
    public function astray(Plan $plan): array
    {
        return array_map(static fn (Observation $one): array => [
            'id' => $one->id,
            'piece' => $plan->of(CuttingStage::class)->name($one->panel() ?? $one->face),
            'side' => ! $one->taped instanceof SideTaped ? 'seam' : ($one->taped->longSide ? 'long' : 'short'),
            'measured' => $one->measured(),
        ], $plan->of(CuttingStage::class)->fits->astray);
    }

    /** @return PieceReadsShape array{long: float|null, short: float|null}> with hems flat, and folded under */
    private static function reads(PieceLine $line, bool $fromHead): array
    {
        $both = static fn (bool $folded): array => ['long' => $line->reads(true, $fromHead, $folded), 'short' => $line->reads(false, $fromHead, $folded)];

        return ['flat' => $both(false), 'folded' => $both(true)];
    }

    /** @return PieceLineShape['square'] rise over a width, and the angle to set a bevel to, as fine as one is set */
    private static function square(PieceLine $line): array
    {
        $width = $line->width();
        $set = static fn (?float $degrees): ?array => $degrees === null ? null : ['rise' => $width / tan(deg2rad($degrees)), 'degrees' => round($degrees, 1)];

        return ['width' => $width, 'drawn' => $set($line->degrees(false)), 'taped' => $set($line->degrees(true))];
    }

    /** @return array{inches: float, way: 'on'|'out'|'in'}|null float, way: string}|null */
    private static function offset(?float $offset): ?array
    {
        return $offset === null ? null : ['inches' => abs($offset), 'way' => abs($offset) < TwoLengths::SHOWS ? 'on' : ($offset > 0.0 ? 'out' : 'in')];
    }

    /** @return PieceMarkShape */
    private function mark(Plan $plan, ?FittedLine $fitted, TapedMark $mark): array
    {
        $observation = $mark->observation;
        $taped = $observation->taped;
        $miss = $fitted->misses[$observation->id] ?? 0.0;

        return [
            'id' => $observation->id,
            'piece' => $observation->panel() === null ? null : $plan->of(CuttingStage::class)->name($observation->panel()),
            'side' => ! $taped instanceof SideTaped ? 'seam' : ($taped->longSide ? 'long' : 'short'),
            'from' => $taped instanceof SideTaped && $taped->fromHead ? 'T' : 'B',
            'measured' => $observation->measured(),
            'miss' => $miss,
            // What a tape does not show lies on the line.
            'way' => abs($miss) < TwoLengths::SHOWS ? 'on' : ($miss > 0.0 ? 'more' : 'less'),
            'apart' => isset($fitted->apart[$observation->id]),
            'wrong' => $fitted?->likeliestWrong === $observation->id,
        ];
    }

    /** @return array{long: float, short: float} */
    private static function lengths(TwoLengths $lengths): array
    {
        return ['long' => $lengths->long(), 'short' => $lengths->short()];
    }

    /** @return PieceLineShape['picture'] */
    private static function picture(Face $face, ?LinePicture $picture): ?array
    {
        return $picture === null ? null : [
            'times' => $picture->times,
            'outline' => Wire::outline($face->outline),
            'drawn' => Wire::line($picture->drawn),
            'taped' => Wire::line($picture->fitted),
            'marks' => Wire::line($picture->marks),
        ];
    }
}
