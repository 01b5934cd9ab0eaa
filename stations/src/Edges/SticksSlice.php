<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Edges\Contact\Metals;
use Imbrex\Core\Edges\Contact\MetalsInput;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\RoofLog\TrimsCut;
use Imbrex\Core\Trims\Closure;
use Imbrex\Core\Trims\RunSchool;
use Imbrex\Core\Trims\Stick;
use Imbrex\Core\Trims\StickLot;
use Imbrex\Core\Trims\TrimPiece;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimRuns;
use Imbrex\Core\Trims\TrimsInput;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Core\Trims\Viewpoints;
use Imbrex\Stations\SupplyWords;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;
use stdClass;

/**
 * Sticks by kind of trim with what is cut from each, and one run with its pieces.
 *
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanPointShape from Wire
 * @phpstan-import-type TrimSketchShape from TrimSketchWriter
 *
 * @phpstan-type StickCutShape array{id: string, name: string, length: float, at: float}
 * @phpstan-type StickRowShape array{count: int, stock: float, cuts: list<StickCutShape>, offcut: float}
 * @phpstan-type StickSchoolShape array{key: 'balanced'|'full-first'|'equal', sticks: int, chosen: bool}
 * @phpstan-type StickLotShape array{
 *     kind: string,
 *     shape: string,
 *     name: string,
 *     girth: float,
 *     bends: list<float>,
 *     pieces: int,
 *     used: int,
 *     bound: int,
 *     proven: bool,
 *     counted: int,
 *     schools: list<StickSchoolShape>,
 *     kept: list<array{length: float, count: int}>,
 *     rows: list<StickRowShape>,
 *     stocks: list<float>,
 *     lap: float,
 *     perSheet: int,
 *     sheet: float,
 *     pounds: float|null,
 *     // Its shape as a document says one's own.
 *     as: array<string, mixed>|stdClass,
 *     isOwn: bool,
 * }
 * @phpstan-type TrimRunPieceShape array{
 *     id: string,
 *     number: int,
 *     at: float,
 *     length: float,
 *     lapLow: float,
 *     lapHigh: float,
 *     over: bool,
 *     said: string,
 *     // Ids of the facts that say it is cut.
 *     told: list<string>,
 *     // How long it was cut, inches.
 *     cut: float|null,
 *     // Where the lap it begins with ends on the run, inches.
 *     lapTo: float,
 *     // What pieces bent and ended alike have in common.
 *     as: string,
 *     was: string|null,
 * }
 * @phpstan-type TrimRunShape array{
 *     id: string,
 *     layer: string,
 *     name: string,
 *     edge: string,
 *     edgeName: string,
 *     kind: string,
 *     length: float,
 *     edgeLength: float,
 *     low: string,
 *     high: string,
 *     pieces: list<TrimRunPieceShape>,
 *     said: string,
 *     sketch: TrimSketchShape,
 * }
 * @phpstan-type SticksSliceShape array{
 *     lots: list<StickLotShape>,
 *     runs: list<array{id: string, name: string}>,
 *     run: TrimRunShape|null,
 *     pieces: int,
 *     sticks: int,
 *     closures: list<array{name: string, count: int, lengths: list<array{length: float, count: int, cut: bool}>}>,
 *     findings: list<PlanFindingShape>,
 *     closed: list<ClosedEdgeShape>,
 *     supplies: list<array{name: string, said: string}>,
 *     viewpoints: list<array{side: string, name: string, at: PlanPointShape, chosen: bool}>,
 *     pounds: float|null,
 * }
 * @phpstan-type ClosedEdgeShape array{
 *     key: string,
 *     name: string,
 *     length: float,
 *     pieces: list<array{at: float, to: float, length: float, cut: bool}>,
 * }
 */
final readonly class SticksSlice
{
    public function __construct(private EdgeNames $names, private LayerWords $layers, private Words $words, private TrimSketchWriter $sketch, private SupplyWords $supplies, private Wire $wire)
    {
    }

    /**
     * @param  string|null  $pick  id of a run, or of an edge
     * @return SticksSliceShape
     */
    public function of(Plan $plan, ?string $pick): array
    {
        $made = $plan->of(TrimsStage::class);
        $runs = TrimRuns::on($plan);
        $names = $this->names->of($plan->of(RoofStage::class)->roof);
        $run = $made->picked($pick);

        return [
            'lots' => array_values(array_map(fn (StickLot $lot): array => $this->lot($lot, $lot->kind === $run?->kind() ? $runs->bySchool($made->ofKind($lot->kind)) : [], $runs, $plan), $made->lots)),
            'runs' => array_map(fn (TrimRun $one): array => ['id' => $one->id, 'name' => $this->layers->name($one->layer)], $run === null ? [] : $made->of($run->edge->id)),
            'run' => $run === null ? null : $this->run($run, $names[$run->edge->id], $plan),
            'pieces' => array_sum(array_map(static fn (StickLot $lot): int => count($lot->pieces), $made->lots)),
            'sticks' => $made->sticks(),
            'closures' => $this->closures($made->closures),
            'closed' => $run === null ? [] : $this->closed($made->closures, $run, $plan),
            'supplies' => array_map(fn (Supply $one): array => $this->supplies->of($one, Wire::tape($plan)), $made->supplies),
            'viewpoints' => $this->viewpoints($plan),
            'pounds' => $this->pounds($made->lots, $plan),
            'findings' => $this->wire->findings($plan, [...$plan->findingsOf('trims'), ...TrimsCut::of($plan)->findings()]),
        ];
    }

    /**
     * @param  array<value-of<RunSchool>, int>  $schools
     * @return StickLotShape
     */
    private function lot(StickLot $lot, array $schools, TrimRuns $runs, Plan $plan): array
    {
        return [
            'kind' => $lot->kind,
            'shape' => $lot->shape->key,
            'name' => $this->words->say("trim.{$lot->shape->key}"),
            'girth' => $lot->girth,
            'bends' => $lot->bends,
            'pieces' => count($lot->pieces),
            'used' => count($lot->sticks),
            'bound' => $lot->bound,
            'proven' => $lot->isProven(),
            'counted' => $lot->counted,
            'schools' => array_map(static fn (string $key, int $sticks): array => ['key' => $key, 'sticks' => $sticks, 'chosen' => $key === $runs->school($lot->shape)->value], array_keys($schools), array_values($schools)),
            'kept' => $this->alike($lot->kept($plan->job->rules->number('trim.keep'))),
            'rows' => $this->rows($lot),
            'stocks' => $runs->stocks($lot->shape),
            'as' => ShapeWriter::of($lot->shape, $plan->job->covering->profile->height),
            'isOwn' => isset($plan->job->part(TrimsInput::class)->shapes[$lot->shape->key]),
            'perSheet' => $lot->perSheet($plan->job->rules->number('trim.sheet')),
            'sheet' => $plan->job->rules->number('trim.sheet'),
            'pounds' => $this->pounds([$lot], $plan),
            'lap' => max([0.0, ...array_map(static fn (TrimPiece $piece): float => max($piece->lapLow, $piece->lapHigh), $lot->pieces)]),
        ];
    }

    /**
     * @param  list<float>  $lengths
     * @return list<array{length: float, count: int}>
     */
    private function alike(array $lengths): array
    {
        $counts = array_count_values(array_map(static fn (float $length): string => sprintf('%.4f', $length), $lengths));

        return array_map(static fn (string|int $length, int $count): array => ['length' => (float) $length, 'count' => $count], array_keys($counts), array_values($counts));
    }

    /** @return list<StickRowShape> sticks that are cut alike are told once, with how many */
    private function rows(StickLot $lot): array
    {
        $rows = [];
        foreach ($lot->sticks as $stick) {
            $like = implode(' ', [$stick->stock, ...array_map(static fn (TrimPiece $piece): string => sprintf('%.4f', $piece->length), $stick->pieces)]);
            $rows[$like] ??= [...$this->stick($stick), 'count' => 0];
            $rows[$like]['count']++;
        }

        return array_values($rows);
    }

    /** @return array{stock: float, cuts: list<StickCutShape>, offcut: float} */
    private function stick(Stick $stick): array
    {
        $at = 0.0;
        $cuts = [];
        foreach ($stick->pieces as $piece) {
            $cuts[] = ['id' => $piece->id, 'name' => $piece->id, 'length' => $piece->length, 'at' => $at];
            $at += $piece->length;
        }

        return ['stock' => $stick->stock, 'cuts' => $cuts, 'offcut' => $stick->offcut];
    }

    /** @return TrimRunShape */
    private function run(TrimRun $run, string $name, Plan $plan): array
    {
        $tape = Wire::tape($plan)->inInches();
        $cut = TrimsCut::of($plan);
        $lap = max([0.0, ...array_map(static fn (TrimPiece $piece): float => $piece->lapHigh, $run->pieces)]);

        return [
            'id' => $run->id,
            'layer' => $run->layer->key,
            'name' => $this->layers->name($run->layer),
            'edge' => $run->edge->id,
            'edgeName' => $name,
            'kind' => $run->kind(),
            'sketch' => $this->sketch->of($run, $plan),
            'length' => $run->length,
            'edgeLength' => $run->edge->length(),
            'low' => $this->words->say("trim-end.{$run->low->kind->value}"),
            'high' => $this->words->say("trim-end.{$run->high->kind->value}"),
            'pieces' => array_map(fn (TrimPiece $piece, int $i): array => [
                'id' => $piece->id,
                'number' => $i + 1,
                'at' => $piece->at,
                'length' => $piece->length,
                'lapTo' => $piece->at + $piece->lapLow,
                'lapLow' => $piece->lapLow,
                'lapHigh' => $piece->lapHigh,
                'over' => $piece->isOver,
                'said' => $this->piece($run, $piece, $tape),
                'as' => $run->looks($piece),
                'cut' => $cut->cut($piece->id),
                'told' => $cut->facts($piece->id),
                'was' => $this->was($cut, $piece, Wire::tape($plan)),
            ], $run->pieces, array_keys($run->pieces)),
            'said' => $this->words->say('sticks.run', ['pieces' => count($run->pieces), 'butts' => $lap > 0.0 ? 'no' : 'yes', 'lap' => $tape->print($lap > 0.0 ? $lap : $plan->job->rules->number('edge.spliceGap'))]),
        ];
    }

    /** How a piece was cut otherwise than it would be now; null where it was not. */
    private function was(TrimsCut $cut, TrimPiece $piece, TapePrinter $tape): ?string
    {
        return match (true) {
            ! $cut->differs($piece->id) => null,
            $cut->isAsLong($piece->id) => $this->words->say('sticks.cut-ends'),
            default => $this->words->say('sticks.cut-was', ['was' => $tape->print($cut->cut($piece->id) ?? 0.0)]),
        };
    }

    /** What lies over what where a piece begins. */
    private function piece(TrimRun $run, TrimPiece $piece, TapePrinter $tape): string
    {
        return $this->words->say('sticks.lap', ['lap' => $tape->print($piece->lapLow), 'over' => match (true) {
            $piece->at <= 0.0 => 'first',
            $piece->lapLow <= 0.0 => 'butts',
            default => $piece->isOver ? 'over' : 'under',
        }, 'climbs' => $run->edge->isLevel() ? 'no' : 'yes']);
    }

    /**
     * @param  array<StickLot>  $lots
     * @return float|null whole pounds; null where a metal's weight is not known
     */
    private function pounds(array $lots, Plan $plan): ?float
    {
        $metals = new Metals($plan->job->covering, $plan->job->part(MetalsInput::class));
        $pounds = array_map(static fn (StickLot $lot): ?float => ($each = $metals->poundsPerSquareFoot($lot->metal)) === null ? null : $each * $lot->squareFeet(), $lots);

        return in_array(null, $pounds, true) ? null : round((float) array_sum($pounds));
    }

    /** @return SticksSliceShape['viewpoints'] sides it may mostly be seen from */
    private function viewpoints(Plan $plan): array
    {
        $chosen = $plan->job->part(TrimsInput::class)->viewpoint;
        $sides = Viewpoints::of($plan->of(RoofStage::class)->roof);

        return array_map(fn (string $side, Point $at): array => [
            'side' => $side, 'name' => $this->words->say("sticks.seen.$side"), 'at' => [$at->u, $at->v], 'chosen' => $chosen !== null && $chosen->distanceTo($at) < 1.0,
        ], array_keys($sides), array_values($sides));
    }

    /**
     * @param  list<Closure>  $closures
     * @return list<ClosedEdgeShape> of the edge of a run: by kind and face, as they stand along it
     */
    private function closed(array $closures, TrimRun $run, Plan $plan): array
    {
        $groups = [];
        foreach ($closures as $closure) {
            if ($closure->edge === $run->edge->id) {
                $groups["$closure->kind $closure->face"][] = $closure;
            }
        }

        return array_map(fn (string $key, array $group): array => [
            'key' => $key,
            'name' => $this->words->say('sticks.closed', ['name' => $this->words->say("layer.{$group[0]->kind}"), 'face' => $plan->of(RoofStage::class)->roof->face($group[0]->face)->name ?? $group[0]->face]),
            'length' => $run->edge->length(),
            'pieces' => array_map(static fn (Closure $one): array => ['at' => $one->at, 'to' => $one->at + $one->length, 'length' => $one->length, 'cut' => $one->isCut], $group),
        ], array_map(strval(...), array_keys($groups)), array_values($groups));
    }

    /**
     * @param  list<Closure>  $closures
     * @return SticksSliceShape['closures'] by kind, and how many there are of each length
     */
    private function closures(array $closures): array
    {
        $kinds = [];
        foreach ($closures as $closure) {
            $kinds[$closure->kind][sprintf('%.4f', $closure->length)][] = $closure;
        }

        return array_map(fn (string $kind, array $byLength): array => [
            'name' => $this->words->say("layer.$kind"),
            'count' => array_sum(array_map(count(...), $byLength)),
            'lengths' => array_values(array_map(static fn (array $alike): array => ['length' => $alike[0]->length, 'count' => count($alike), 'cut' => $alike[0]->isCut], $byLength)),
        ], array_keys($kinds), array_values($kinds));
    }
}
