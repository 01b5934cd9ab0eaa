<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Builds\TrimBook;
use Imbrex\Core\Cutting\CleatLines;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Fit\EdgeFits;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\Contact\Metals;
use Imbrex\Core\Edges\Contact\MetalsInput;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Ground\Metalwork\ShapeSketch;
use Imbrex\Core\Ground\Metalwork\TrimShape;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\EdgeTyper;
use Imbrex\Core\Roof\LowEnds;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Core\Trims\Ends\EndCut;
use Imbrex\Core\Trims\Internal\CleatLengths;
use Imbrex\Core\Trims\Internal\EdgeLengths;
use Imbrex\Core\Trims\Internal\Ends\EndCutter;
use Imbrex\Core\Trims\Internal\Ends\EndPlace;
use Imbrex\Core\Trims\Internal\Ends\EndPlaces;
use Imbrex\Core\Trims\Internal\Ends\PlacedShape;
use Imbrex\Core\Trims\Internal\RunEnds;
use Imbrex\Core\Trims\Internal\RunPlace;
use Imbrex\Core\Trims\Internal\StickCutter;

/** Divides what is bent from sticks at the edges of a roof into pieces. */
final readonly class TrimRuns
{
    /** A valley that lies flatter (degrees) to the ribs has no head to reach past. */
    private const FLATTEST = 5.0;

    private TrimBook $book;

    private RunEnds $ends;

    private EndPlaces $places;

    private EdgeLengths $lengths;

    private CleatLengths $cleats;

    private LowEnds $falls;

    private RuleSet $rules;

    private Fixing $fixing;

    private float $rib;

    private function __construct(private Roof $roof, Builds $builds, EdgeFits $fits, Covering $covering, private TrimsInput $input, private Metals $metals)
    {
        $this->book = TrimBook::shipped()->with($input->shapes);
        $this->ends = new RunEnds($roof);
        $this->places = new EndPlaces($roof, $this->ends);
        $this->falls = new LowEnds($roof);
        $this->lengths = new EdgeLengths($roof, $fits);
        $this->cleats = new CleatLengths($roof, new CleatLines($builds, new SideFinder($roof), $fits));
        $this->rules = $covering->rules;
        $this->fixing = Fixing::of($covering->profile->family);
        $this->rib = $covering->profile->height;
    }

    public static function on(Plan $plan): self
    {
        $job = $plan->job;

        return new self($plan->of(RoofStage::class)->roof, $plan->of(BuildsStage::class), $plan->of(CuttingStage::class)->fits, $job->covering, $job->part(TrimsInput::class), new Metals($job->covering, $job->part(MetalsInput::class)));
    }

    /** @return list<TrimRun> of one edge, in the order its layers go on */
    public function of(BuiltEdge $built): array
    {
        return array_values(array_filter(array_map(fn (PlacedLayer $placed): ?TrimRun => $this->run($built, $placed), $built->section->layers)));
    }

    /**
     * How many sticks a lot would take by each school, all its runs divided by it.
     *
     * @param  list<TrimRun>  $runs  of one kind
     * @return array<value-of<RunSchool>, int> by school
     */
    public function bySchool(array $runs): array
    {
        $counts = [];
        foreach ($runs === [] ? [] : RunSchool::cases() as $school) {
            $pieces = array_merge(...array_map(fn (TrimRun $run): array => $school->divide($run->length, $this->stocks($run->shape)[0], $this->joint($run->shape, $run->layer->lap), $this->rules->number('trim.least')), $runs));
            $counts[$school->value] = count(StickCutter::cut($pieces, $this->stocks($runs[0]->shape)[0], $this->rules->number('trim.kerf'))[0]);
        }

        return $counts;
    }

    /** How the runs of a shape are divided. */
    public function school(TrimShape $shape): RunSchool
    {
        return $this->input->schools[$shape->key] ?? RunSchool::from($this->rules->choice('trim.school'));
    }

    /** How far lengths of a shape lap; less than nothing where they butt and are left open, for they move. */
    private function joint(TrimShape $shape, float $lap): float
    {
        $lap = $this->input->laps[$shape->key] ?? $lap;

        return $lap > 0.0 ? $lap : -$this->rules->number('edge.spliceGap');
    }

    /** @return non-empty-list<float> lengths of the sticks a shape is bent from, longest first */
    public function stocks(TrimShape $shape): array
    {
        $stocks = $this->input->stocks[$shape->key] ?? [$this->rules->number('trim.stick')];
        rsort($stocks);

        return $stocks;
    }

    /**
     * Along an edge that runs nearly as the pans do one pan has more to close than a stick is long: parts that butt, all alike.
     *
     * @return non-empty-list<Closure>
     */
    public function parted(Closure $closure): array
    {
        $shape = $closure->kind === 'zee' ? $this->book->shape('zee') : null;
        $count = $shape === null ? 1 : max(1, (int) ceil($closure->length / $this->stocks($shape)[0] - 1e-9));

        return array_map(static fn (int $i): Closure => $closure->part($i, $count), range(0, $count - 1));
    }

    /**
     * Zees for the pans are cut from sticks, too.
     *
     * @param  list<Closure>  $closures
     */
    public function zees(array $closures): ?StickLot
    {
        $shape = $this->book->shape('zee');
        $pieces = $count = [];
        foreach ($closures as $closure) {
            if ($closure->kind === 'zee') {
                $of = "$closure->edge.zee";
                $count[$of] = ($count[$of] ?? 0) + 1;
                $pieces[] = new TrimPiece("$of.$count[$of]", 0.0, $closure->length, 0.0, 0.0, false);
            }
        }
        if ($shape === null || $pieces === []) {
            return null;
        }
        $stocks = $this->stocks($shape);
        $all = array_sum(array_map(static fn (TrimPiece $piece): float => $piece->length, $pieces));

        return StickLot::of("zee {$this->metals->trims()}", $shape, $shape->girth($this->rib), $shape->bends(0.0, 180.0), $this->metals->trims(), $pieces, $stocks, $this->rules->number('trim.kerf'), (int) ceil($all / $stocks[0] - 1e-9));
    }

    private function run(BuiltEdge $built, PlacedLayer $placed): ?TrimRun
    {
        $layer = $placed->layer;
        $shape = $layer->shape === null ? null : $this->book->shape($layer->shape)?->settled($built->section->sizes);
        // What lies between the seams is no run; each pan has its own.
        if ($shape === null || ($layer->side() === 'zee' && $layer->lap <= 0.0)) {
            return null;
        }
        [$from, $to] = $this->fromLow($built->edge);
        $pitch = $this->pitch($built);
        $id = "{$built->edge->id}.$layer->key";
        $sketch = ShapeSketch::of($shape, $this->rib, $pitch, $built->edge->dihedralDegrees ?? 180.0);
        $place = fn (Point $at, bool $isHigh): EndPlace => $this->places->of($built->edge, $this->ends->of($built->edge, $layer->side(), $layer->role, $at, $isHigh), $at);
        [$lowPlace, $highPlace] = [$place($from, false)->atLeast($this->past($built, $from)), $place($to, true)->atLeast($this->past($built, $to))];
        $placed = PlacedShape::of($shape, $sketch, $built->edge->kind, $lowPlace);
        $low = $this->cut($placed, $lowPlace, $shape, "$id.low");
        $high = $this->cut(PlacedShape::of($shape, $sketch, $built->edge->kind, $highPlace), $highPlace, $shape, "$id.high");
        $length = ($this->cleats->length($built->edge, $layer) ?? $this->lengths->of($built->edge)) + $low->reach + $high->reach;

        return $length <= 0.0 ? null : new TrimRun(
            id: $id, edge: $built->edge, layer: $layer, shape: $shape, girth: $shape->girth($this->rib), bends: $shape->bends($pitch, $built->edge->dihedralDegrees ?? 180.0), metal: $this->metals->of($layer) ?? $this->metals->trims(),
            length: $length, low: $low, high: $high, pieces: $this->pieces($id, $shape, $length, $layer->lap, $built->edge, [$from, $to]), pitch: $pitch, placed: $placed,
            place: RunPlace::of($built->edge, $from, $lowPlace, $highPlace),
        );
    }

    /** How far past a valley's head the cleats beside it run on, inches along it: on a face that lies between two valleys until they meet. */
    private function past(BuiltEdge $built, Point $at): float
    {
        $edge = $built->edge;
        $past = [0.0];
        foreach ($edge->kind === EdgeKind::Valley ? $this->ends->others($edge, $at) : [] as $other) {
            foreach ($other->kind === EdgeKind::Valley ? array_intersect($edge->faces, $other->faces) : [] as $face) {
                $past[] = ($built->own->line() ?? 0.0) / tan(deg2rad(max(self::FLATTEST, $edge->angleToRibDegrees[$face] ?? 90.0)));
            }
        }

        return max($past);
    }

    /** @param  string  $end  which, as fits name it */
    private function cut(PlacedShape $placed, EndPlace $place, TrimShape $shape, string $end): EndCut
    {
        $fit = $this->input->fits[$shape->key][$place->kind->value] ?? null;

        return (new EndCutter($this->rules, $this->fixing === Fixing::Screwed))->cut($placed, $place, $fit !== null && in_array($end, $fit->but, true) ? null : $fit);
    }

    /**
     * @param  array{Point, Point}  $ends  in plan, the low or left one first
     * @return list<TrimPiece>
     */
    private function pieces(string $id, TrimShape $shape, float $length, float $lap, Edge $edge, array $ends): array
    {
        $joint = $this->joint($shape, $lap);
        $lap = max(0.0, $joint);
        $lengths = $this->school($shape)->divide($length, $this->stocks($shape)[0], $joint, $this->rules->number('trim.least'));
        $pieces = [];
        $at = 0.0;
        foreach ($lengths as $i => $long) {
            $pieces[] = new TrimPiece("$id.".($i + 1), $at, $long, $i > 0 ? $lap : 0.0, $i < count($lengths) - 1 ? $lap : 0.0, $i > 0 && $this->isOver($edge, $ends, ($at + $lap / 2.0) / $length));
            $at += $long - $joint;
        }

        return $pieces;
    }

    /**
     * Whether the next piece lies over the one before it: up-slope over down-slope; on the level the nearer one to whoever looks.
     *
     * @param  array{Point, Point}  $ends
     * @param  float  $part  of the way to the joint
     */
    private function isOver(Edge $edge, array $ends, float $part): bool
    {
        $viewpoint = $this->input->viewpoint;
        if (! $edge->isLevel() || $viewpoint === null) {
            return true;
        }
        [$from, $to] = $ends;
        $joint = new Point($from->u + $part * ($to->u - $from->u), $from->v + $part * ($to->v - $from->v));

        return ($viewpoint->u - $joint->u) * ($to->u - $from->u) + ($viewpoint->v - $joint->v) * ($to->v - $from->v) >= 0.0;
    }

    /** @return array{Point, Point} the low end first; of a level valley the open one, of another level edge the left one, as one looks up at it */
    private function fromLow(Edge $edge): array
    {
        $isFrom = $edge->kind === EdgeKind::Valley ? $this->falls->isLowFrom($edge) : $edge->isLevel() || $edge->fromHeight <= $edge->toHeight;

        return $isFrom ? [$edge->from, $edge->to] : [$edge->to, $edge->from];
    }

    /**
     * Degrees the deck falls square to the edge, where a trim is bent to it: towards the edge more than 0, away from it at a rake or a wall less. A rake or
     * a wall beside the ribs has none; one that runs askew has.
     */
    private function pitch(BuiltEdge $built): float
    {
        $edge = $built->edge;
        $plane = $this->roof->face($edge->faces[0] ?? '')?->frame?->plane;
        if ($plane !== null && in_array($edge->kind, [EdgeKind::Eave, EdgeKind::Peak, EdgeKind::Rake], true)) {
            // Before a fascia the trim stands as a wall would on its other side.
            $degrees = 90.0 - (new EdgeTyper)->degreesToWall($plane, $edge->from, $edge->to);

            return $edge->kind === EdgeKind::Peak ? abs($degrees) : $degrees;
        }
        if ($edge->dihedralDegrees !== null && in_array($edge->kind, [EdgeKind::Headwall, EdgeKind::Sidewall], true)) {
            return $edge->dihedralDegrees - 90.0;
        }
        $nodes = $built->section->path->nodes;
        [[, $a], [, $b]] = $edge->kind === EdgeKind::Transition ? [$nodes[1], $nodes[2]] : [$nodes[0], $nodes[1]];

        return abs(rad2deg(atan2($b->v - $a->v, abs($b->u - $a->u))));
    }
}
