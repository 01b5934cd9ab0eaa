<?php

declare(strict_types=1);

namespace Imbrex\Stations\Trims;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Builds\TrimBook;
use Imbrex\Core\Ground\Metalwork\SealKind;
use Imbrex\Core\Ground\Metalwork\TrimHem;
use Imbrex\Core\Ground\Metalwork\TrimLeg;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Supplies\SupplyKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\Closure;
use Imbrex\Core\Trims\EndKind;
use Imbrex\Core\Trims\Ends\EndCut;
use Imbrex\Core\Trims\Ends\EndLine;
use Imbrex\Core\Trims\RunSchool;
use Imbrex\Core\Trims\Stick;
use Imbrex\Core\Trims\StickLot;
use Imbrex\Core\Trims\TrimPiece;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimsInput;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\Change;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Station;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Wire;
use stdClass;

/**
 * Trims, sticks and closures: what a document says of them, what the plan tells. Their screen is that of the edges.
 *
 * From the end of the stick, and across from the edge of the low hem, inches.
 *
 * @phpstan-type FlatPointShape array{float, float}
 *
 * @phpstan-import-type PlanOutlineShape from Wire
 * @phpstan-import-type PlanPointShape from Wire
 *
 * @phpstan-type PlanLegShape array{
 *     length: float,
 *     // To the next leg; null of the last.
 *     bendDegrees: float|null,
 *     // Folded back at its free edge.
 *     hem: 'open'|'closed'|null,
 * }
 * @phpstan-type PlanLyingLegShape array{leg: int, face: string, outline: PlanOutlineShape}
 * @phpstan-type PlanTrimShape array{
 *     id: string,
 *     kind: string,
 *     edge: string,
 *     girth: float,
 *     bendsDegrees: list<float>,
 *     // Faces it lies on, its low side's first.
 *     faces: list<string>,
 *     // From the visible low end.
 *     legs: list<PlanLegShape>,
 *     pieces: list<array{
 *         id: string,
 *         length: float,
 *         // From where to where along its edge, inches from that one's low or left end.
 *         from: float,
 *         to: float,
 *         // Its legs as they lie on faces, tabs folded away.
 *         lies: list<PlanLyingLegShape>,
 *         lapLow: float,
 *         lapHigh: float,
 *         ends: array{low: PlanEndShape, high: PlanEndShape},
 *         marks: list<float>,
 *     }>,
 * }
 * @phpstan-type PlanStickShape array{
 *     kind: string,
 *     colour: string|null,
 *     stock: float,
 *     cuts: list<string>,
 *     lengths: list<float>,
 *     offcut: float,
 * }
 * @phpstan-type PlanStickBoundShape array{kind: string, used: int, lowerBound: int, proven: bool}
 * @phpstan-type PlanClosureShape array{
 *     edge: string,
 *     face: string,
 *     left: float,
 *     right: float,
 *     length: float,
 *     kind: string,
 *     // The middle of its foot, on the face, from left to right.
 *     line: array{PlanPointShape, PlanPointShape},
 * }
 * @phpstan-type PlanEndShape array{
 *     kind: string,
 *     // As one looks at the colour with the low edge down.
 *     side: 'left'|'right',
 *     // How far the stick reaches beyond the end of its edge, inches.
 *     beyond: float,
 *     fromSquareDegrees: list<float>,
 *     // The same cuts, to the bend lines of the trim.
 *     toLineDegrees: list<float>,
 *     outline: list<FlatPointShape>,
 *     lines: list<array{kind: 'cut'|'bend'|'notch', from: FlatPointShape, to: FlatPointShape}>,
 * }
 * @phpstan-type PlanSupplyShape array{
 *     kind: 'clip'|'fastener'|'tape'|'sealant'|'foam'|'metal-closure'|'vent'|'guard'|'rail'|'slip-sheet'|'boot'|'board'|'flat',
 *     key: string,
 *     // Inches of what comes by the foot; how many of the rest.
 *     amount: float,
 *     byFoot: bool,
 *     packs: int,
 * }
 * @phpstan-type WholeTrimsShape array{
 *     trims: list<PlanTrimShape>,
 *     sticks: list<PlanStickShape>,
 *     stickBounds: list<PlanStickBoundShape>,
 *     closures: list<PlanClosureShape>,
 *     supplies: list<PlanSupplyShape>,
 * }
 */
final class TrimsStation extends Station
{
    public function __construct(private readonly PiecesCsv $csv, private readonly TrimFlatsDxf $flats, private readonly BrakeSketches $sketches)
    {
    }

    public function key(): string
    {
        return 'trims';
    }

    public function stage(): string
    {
        return 'trims';
    }

    public function read(Reading $reading): TrimsInput
    {
        return (new TrimsReader($reading))->input();
    }

    public function changes(stdClass $before, stdClass $after): array
    {
        return ($before->trims ?? null) == ($after->trims ?? null) ? [] : [new Change('trims-made', [])];
    }

    public function families(): array
    {
        return [
            'trim.' => array_keys(TrimBook::shipped()->all()),
            'trim-end.' => array_column(EndKind::cases(), 'value'),
            'trim-how.' => array_column(EndKind::cases(), 'value'),
            'ends.fit-' => ['low', 'high'],
            'bent.follows.' => ['pitch', 'pitch-less', 'dihedral', 'half-dihedral'],
            'bent.towards.' => ['back', 'colour'],
            'bent.hem.' => ['low', 'high', 'closed', 'open'],
            'bent.deep.' => ['low', 'high'],
            'sticks.seen.' => ['south', 'east', 'north', 'west'],
            'sticks.school.' => RunSchool::keys(),
            'sealant.' => array_column(SealKind::cases(), 'value'),
            'supply.of.' => array_column(SupplyKind::cases(), 'value'),
        ];
    }

    /** @return WholeTrimsShape */
    public function whole(Plan $plan): array
    {
        $made = $plan->of(TrimsStage::class);
        $colour = $plan->job->covering->colour?->value;

        return [
            'trims' => array_values(array_map(static fn (TrimRun $run): array => self::run($run, $plan->of(RoofStage::class)->roof, $plan->job->covering->profile->height), $made->runs)),
            'sticks' => array_merge(...array_values(array_map(static fn (StickLot $lot): array => array_map(static fn (Stick $stick): array => [
                'kind' => $lot->kind,
                'colour' => $colour,
                'stock' => $stick->stock,
                'cuts' => array_map(static fn (TrimPiece $piece): string => $piece->id, $stick->pieces),
                'lengths' => array_map(static fn (TrimPiece $piece): float => $piece->length, $stick->pieces),
                'offcut' => $stick->offcut,
            ], $lot->sticks), $made->lots))),
            'stickBounds' => array_values(array_map(static fn (StickLot $lot): array => ['kind' => $lot->kind, 'used' => count($lot->sticks), 'lowerBound' => $lot->bound, 'proven' => $lot->isProven()], $made->lots)),
            'closures' => array_map(static fn (Closure $closure): array => ['edge' => $closure->edge, 'face' => $closure->face, 'left' => $closure->left, 'right' => $closure->right, 'length' => $closure->length, 'kind' => $closure->kind, 'line' => [Wire::point($closure->line[0]), Wire::point($closure->line[1])]], $made->closures),
            'supplies' => array_map(static fn (Supply $one): array => ['kind' => $one->item->kind->value, 'key' => $one->item->key(), 'amount' => $one->amount, 'byFoot' => $one->isByFoot(), 'packs' => $one->packs()], $made->supplies),
        ];
    }

    public function files(): array
    {
        return [
            new StationFile('trim-pieces.csv', 'text/csv; charset=UTF-8', $this->csv->write(...)),
            new StationFile('trim-flats.dxf', 'image/vnd.dxf', $this->flats->write(...)),
            new StationFile('trim-sketches.svg', 'image/svg+xml', $this->sketches->svg(...)),
            new StationFile('trim-sketches.dxf', 'image/vnd.dxf', $this->sketches->dxf(...)),
        ];
    }

    /** @return PlanTrimShape */
    private static function run(TrimRun $run, Roof $roof, float $rib): array
    {
        return [
            'id' => $run->id,
            'kind' => $run->shape->key,
            'edge' => $run->edge->id,
            'girth' => $run->girth,
            'bendsDegrees' => $run->bends,
            'faces' => $run->edge->faces,
            'legs' => self::legs($run, $rib),
            'pieces' => array_map(static fn (TrimPiece $piece): array => [
                'id' => $piece->id,
                'length' => $piece->length,
                'from' => $run->from($piece),
                'to' => $run->from($piece) + $piece->length,
                'lies' => self::lies($run, $piece, $roof),
                'lapLow' => $piece->lapLow,
                'lapHigh' => $piece->lapHigh,
                'ends' => ['low' => self::end($run->end($piece, false)), 'high' => self::end($run->end($piece, true))],
                'marks' => $piece->marks(),
            ], $run->pieces),
        ];
    }

    /** @return list<PlanLegShape> */
    private static function legs(TrimRun $run, float $rib): array
    {
        $last = count($run->shape->legs) - 1;
        $hem = static fn (?TrimHem $hem): ?string => $hem === null ? null : ($hem->isOpen ? 'open' : 'closed');

        return array_map(static fn (TrimLeg $leg, int $i): array => [
            'length' => $leg->length($rib),
            'bendDegrees' => $run->bends[$i] ?? null,
            'hem' => match ($i) {
                0 => $hem($run->shape->low),
                $last => $hem($run->shape->high),
                default => null,
            },
        ], $run->shape->legs, array_keys($run->shape->legs));
    }

    /** @return list<PlanLyingLegShape> of what is seen: what is hidden under it lies beside its line */
    private static function lies(TrimRun $run, TrimPiece $piece, Roof $roof): array
    {
        $lies = [];
        foreach ($run->layer->role === LayerRole::Trim ? $run->laid($piece) : [] as $leg) {
            foreach ($run->edge->faces as $id) {
                $face = $roof->face($id);
                $outline = $face === null ? [] : $leg->on($face);
                if ($outline !== []) {
                    $lies[] = ['leg' => $leg->leg, 'face' => $id, 'outline' => Wire::line($outline)];
                }
            }
        }

        return $lies;
    }

    /** @return PlanEndShape */
    private static function end(EndCut $end): array
    {
        return [
            'kind' => $end->kind->value,
            'side' => $end->isLeft ? 'left' : 'right',
            'beyond' => $end->reach,
            'fromSquareDegrees' => $end->degrees(),
            'toLineDegrees' => array_map(static fn (float $degrees): float => 90.0 - $degrees, $end->degrees()),
            'outline' => Wire::line($end->outline),
            'lines' => array_map(static fn (EndLine $line): array => ['kind' => $line->kind->value, 'from' => [$line->from->u, $line->from->v], 'to' => [$line->to->u, $line->to->v]], $end->lines),
        ];
    }
}
