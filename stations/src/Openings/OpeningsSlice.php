<?php

declare(strict_types=1);

namespace Imbrex\Stations\Openings;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Ground\Metalwork\FlatPart;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Openings\Boot;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\Kit;
use Imbrex\Core\Openings\LyingPiece;
use Imbrex\Core\Openings\OpeningPiece;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Openings\PieceMark;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Openings\PieceSection;
use Imbrex\Core\Openings\UphillShape;
use Imbrex\Core\Openings\WorkOrder;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\Ends\EndLine;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Core\Water\UphillComparison;
use Imbrex\Core\Water\WaterStage;
use Imbrex\Stations\Edges\EdgeNames;
use Imbrex\Stations\Edges\LayerWords;
use Imbrex\Stations\Roof\RoofSlice;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/**
 * What Openings shows: all that comes through the roof, and one of them with the panels round it and its pieces in order.
 *
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanPointShape from Wire
 * @phpstan-import-type SpacePointShape from RoofSlice
 *
 * @phpstan-type OpeningPieceShape array{
 *     key: string,
 *     number: int,
 *     name: string,
 *     how: string,
 *     held: string,
 *     size: string,
 *     panel: bool,
 *     over: list<string>,
 *     of: list<string>,
 *     flat: list<PlanPointShape>,
 *     length: float,
 *     width: float,
 *     lines: list<array{kind: 'cut'|'bend'|'notch', line: list<PlanPointShape>}>,
 *     marks: list<array{number: int, kind: 'cut'|'bend'|'notch', at: PlanPointShape, said: string}>,
 *     flats: list<list<SpacePointShape>>,
 *     // What of it lies on the deck or the panels.
 *     lies: list<list<PlanPointShape>>,
 *     // Cut up the slope through its middle: along it, and square to the deck.
 *     section: list<list<PlanPointShape>>,
 *     // What lies higher has more.
 *     rank: int,
 *     // Between its fasteners; null where it has none, or they are told elsewhere.
 *     spacing: float|null,
 * }
 *
 * In the frame of the opening: x across from its left side, y up the slope from its low side, z square to the deck; inches.
 * @phpstan-type OpeningViewShape array{
 *     id: string,
 *     name: string,
 *     kind: 'pipe'|'chimney'|'skylight'|'curb'|'vent',
 *     face: string,
 *     faceName: string,
 *     uphill: 'apron'|'cricket'|'cross-panels',
 *     order: 'front-first'|'sides-first'|'back-first',
 *     adapted: bool,
 *     sheds: bool,
 *     outline: list<PlanPointShape>,
 *     size: PlanPointShape,
 *     place: array{
 *         outline: list<PlanPointShape>,
 *         holes: list<list<PlanPointShape>>,
 *         seams: list<float>,
 *         left: float,
 *         right: float,
 *         others: list<array{id: string, name: string, outline: list<PlanPointShape>}>,
 *         fromSeam: float|null,
 *         squareLeft: float|null,
 *         squareRight: float|null,
 *         // From where the document has it, where it was taped from a rake.
 *         shifted: float,
 *     },
 *     panels: list<array{id: string, name: string, outline: list<PlanPointShape>, behind: bool}>,
 *     solids: list<list<SpacePointShape>>,
 *     pieces: list<OpeningPieceShape>,
 *     orders: list<array{key: 'front-first'|'sides-first'|'back-first', name: string, why: string}>,
 *     uphills: list<array{
 *         school: 'apron'|'cricket'|'cross-panels',
 *         name: string,
 *         why: string,
 *         chosen: bool,
 *         advised: bool,
 *         fits: bool,
 *         pieces: int,
 *         hours: float,
 *         held: float,
 *         asked: bool,
 *     }>,
 *     advice: string,
 *     notes: list<string>,
 *     // What rises behind it, cut as a piece's section is.
 *     behind: list<list<PlanPointShape>>,
 * }
 * @phpstan-type OpeningsSliceShape array{
 *     openings: list<array{
 *         id: string,
 *         name: string,
 *         kind: 'pipe'|'chimney'|'skylight'|'curb'|'vent',
 *         face: string,
 *         faceName: string,
 *         sheds: bool,
 *     }>,
 *     opening: OpeningViewShape|null,
 *     findings: list<PlanFindingShape>,
 * }
 */
final readonly class OpeningsSlice
{
    /** As much (in) of the roof is shown round an opening. */
    private const ROUND = 46.0;

    public function __construct(private PieceWords $pieces, private EdgeNames $edges, private LayerWords $layers, private Words $words, private Wire $wire)
    {
    }

    /**
     * @param  string|null  $pick  id of an opening; the first where null or unknown
     * @return OpeningsSliceShape
     */
    public function of(Plan $plan, ?string $pick): array
    {
        $openings = $plan->of(OpeningsStage::class)->openings;
        $flashed = $openings[$pick ?? ''] ?? (array_values($openings)[0] ?? null);

        return [
            'openings' => array_values(array_map(static fn (FlashedOpening $one): array => [
                'id' => $one->id(), 'name' => $one->round->opening->name, 'kind' => $one->round->opening->kind->value, 'face' => $one->round->face->id, 'faceName' => $one->round->face->name, 'sheds' => $one->sheds(),
            ], $openings)),
            'opening' => $flashed === null ? null : $this->one($plan, $flashed),
            'findings' => $this->wire->findings($plan, $plan->findingsOf('openings')),
        ];
    }

    /** @return OpeningViewShape */
    private function one(Plan $plan, FlashedOpening $flashed): array
    {
        $tape = Wire::tape($plan)->inInches();
        $opening = $flashed->round->opening;
        $bounds = $opening->outline->bounds();
        $lying = $flashed->pieces === [] || ! $opening->kind->partsPanels() ? [] : (new Kit($flashed->round, $flashed->order, $flashed->uphill))->lying($flashed->pieces);
        $behind = new UphillShape($plan->of(RoofStage::class)->roof, $flashed->round);
        $pans = $behind->fromAbove();
        $local = static fn (Point $point): Point => new Point($point->u - $bounds->left, $point->v - $bounds->bottom);

        return [
            'id' => $flashed->id(), 'name' => $opening->name, 'kind' => $opening->kind->value, 'face' => $flashed->round->face->id,
            'faceName' => $flashed->round->face->name,
            'uphill' => $flashed->uphill->value, 'order' => $flashed->order->value, 'adapted' => $flashed->isAdapted, 'sheds' => $flashed->sheds(),
            'outline' => Wire::line(array_map($local, $opening->outline->corners)),
            'size' => [$bounds->width(), $bounds->height()],
            'place' => $this->place($plan, $flashed->round->face, $opening),
            'panels' => $this->panels($plan, $flashed, $local),
            'solids' => [...$this->solids($flashed), ...array_map(static fn (array $face): array => array_map(self::at(...), $face), $behind->faces())],
            'behind' => array_map(static fn (array $line): array => Wire::line($line), array_values(array_filter(array_map(static fn (array $face): ?array => PieceSection::through($face, $bounds->width() / 2.0 - 0.01), $behind->faces())))),
            'pieces' => array_map(fn (OpeningPiece $piece, int $i): array => $this->piece($flashed, $piece, $i + 1, $lying, $pans, $plan), $flashed->pieces, array_keys($flashed->pieces)),
            'orders' => array_map(fn (WorkOrder $order): array => ['key' => $order->value, 'name' => $this->pieces->order($order), 'why' => $this->words->say("piece.order-why.$order->value")], $opening->kind->partsPanels() ? WorkOrder::cases() : []),
            'uphills' => $this->uphills($plan, $flashed),
            'advice' => $this->advice($plan, $flashed),
            'notes' => $this->pieces->notes($flashed, $tape),
        ];
    }

    /** @return OpeningViewShape['place'] where it stands on its face, and what it may be taped from: sides of an opening, the middle of a pipe */
    private function place(Plan $plan, Face $face, Opening $opening): array
    {
        $bounds = $face->outline->bounds();
        $own = $opening->outline->bounds();
        $isPipe = $opening->kind === OpeningKind::Pipe;
        [$left, $right] = $isPipe ? [$opening->centre()->u, $opening->centre()->u] : [$own->left, $own->right];
        $seams = $plan->of(LayoutStage::class)->layouts[$face->id]->seams;
        $before = array_filter($seams, static fn (float $seam): bool => $seam <= $left);

        return [
            'outline' => Wire::outline($face->outline),
            'holes' => array_map(Wire::outline(...), $face->holes),
            'seams' => $seams,
            'left' => $left - $bounds->left,
            'right' => $bounds->right - $right,
            'fromSeam' => $before === [] ? null : $left - max($before),
            'squareLeft' => $opening->offRake($face, true),
            'squareRight' => $opening->offRake($face, false),
            'shifted' => $this->shifted($plan, $opening, $left),
            'others' => array_map(static fn (Opening $other): array => ['id' => $other->id, 'name' => $other->name, 'outline' => Wire::outline($other->outline)], $face->openings),
        ];
    }

    /** How far it stands from where the document has it along the eave: where it was taped from a rake. */
    private function shifted(Plan $plan, Opening $opening, float $left): float
    {
        foreach ($plan->job->part(RoofInput::class)->openings as $said) {
            if ($said->id === $opening->id) {
                return $left - ($said->kind === OpeningKind::Pipe ? $said->centre()->u : $said->outline->bounds()->left);
            }
        }

        return 0.0;
    }

    /**
     * @param  callable(Point): Point  $local
     * @return OpeningViewShape['panels'] panels and seams near it, in its own frame
     */
    private function panels(Plan $plan, FlashedOpening $flashed, callable $local): array
    {
        $bounds = $flashed->round->opening->outline->bounds();
        $roof = $plan->of(RoofStage::class)->roof;
        $panels = [];
        foreach ($plan->of(CuttingStage::class)->panels as $panel) {
            $face = $roof->face($panel->face);
            $isOwn = $panel->face === $flashed->round->face->id || $face?->behind === $flashed->id();
            if (! $isOwn || $face?->frame === null || $flashed->round->face->frame === null) {
                continue;
            }
            $frame = $flashed->round->face->frame;
            $outline = array_map(static fn (Point $point): Point => $local($frame->toDeck($face->frame->toPlan($point))), $panel->metal->corners);
            $own = Polygon::sound($outline)->bounds();
            if ($own->right > -self::ROUND && $own->left < $bounds->width() + self::ROUND && $own->top > -self::ROUND && $own->bottom < $bounds->height() + 2.0 * self::ROUND) {
                $panels[] = ['id' => $panel->id, 'name' => $face->pieceName($panel->id), 'outline' => Wire::line($outline), 'behind' => $face->behind !== null];
            }
        }

        return $panels;
    }

    /** @return list<list<array{float, float, float}>> the deck, and the walls that stand on it */
    private function solids(FlashedOpening $flashed): array
    {
        $round = $flashed->round;
        [$w, $h, $r] = [$round->width, $round->height, self::ROUND / 2.0];
        $top = $round->up()->times($round->rule('upturn') + $round->rule('counterFace') + 4.0);
        $corner = static fn (float $x, float $y, bool $isHigh): array => self::at((new Vector($x, $y, 0.0))->plus($top, $isHigh ? 1.0 : 0.0));
        $wall = static fn (float $x1, float $y1, float $x2, float $y2): array => [$corner($x1, $y1, false), $corner($x2, $y2, false), $corner($x2, $y2, true), $corner($x1, $y1, true)];
        $deck = [$corner(-$r, -$r, false), $corner($w + $r, -$r, false), $corner($w + $r, $h + $r, false), $corner(-$r, $h + $r, false)];

        return $round->opening->kind->partsPanels() ? [$deck, $wall(0, $h, $w, $h), $wall(0, 0, 0, $h), $wall($w, 0, $w, $h), $wall(0, 0, $w, 0)] : [$deck];
    }

    /** @return array{float, float, float} */
    private static function at(Vector $point): array
    {
        return [$point->x, $point->y, $point->z];
    }

    /**
     * @param  list<LyingPiece>  $lying
     * @param  array<string, list<Point>>  $pans  of a cricket, by role
     * @return OpeningPieceShape
     */
    private function piece(FlashedOpening $flashed, OpeningPiece $piece, int $number, array $lying, array $pans, Plan $plan): array
    {
        $tape = Wire::tape($plan)->inInches();
        $name = fn (string $role): string => $this->words->say("piece.$role");
        $middle = $flashed->round->width / 2.0;

        return [
            'key' => $piece->role->value, 'number' => $number, 'name' => $name($piece->role->value), 'how' => $this->pieces->how($flashed, $piece), 'held' => $this->pieces->held($piece, $tape), 'size' => $this->pieces->size($piece, $tape),
            'spacing' => $piece->role->isElsewhere() ? null : $piece->fastener?->spacing, 'panel' => $piece->role->isPanel(), 'rank' => $this->rank($piece, $lying),
            'over' => array_map($name, $flashed->laps[$piece->role->value] ?? []),
            'of' => array_map(fn (string $id): string => $this->names($plan, $id), $piece->of),
            'flat' => Wire::line($piece->flat), 'length' => $piece->sheet()[0], 'width' => $piece->sheet()[1],
            'lines' => array_map(static fn (EndLine $line): array => ['kind' => $line->kind->value, 'line' => Wire::line([$line->from, $line->to])], $piece->lines),
            'marks' => array_map(fn (PieceMark $mark, int $i): array => ['number' => $i + 1, 'kind' => $mark->kind->value, 'at' => [$mark->along, $mark->across], 'said' => $this->pieces->mark($mark, $tape)], $piece->marks(), array_keys($piece->marks())),
            'flats' => array_map(static fn (FlatPart $part): array => array_map(self::at(...), $part->stands()), $piece->parts),
            'lies' => $flashed->boot !== null ? [$this->base($flashed->boot, $flashed->round->width)] : (isset($pans[$piece->role->value]) ? [Wire::line($pans[$piece->role->value])] : array_values(array_map(static fn (LyingPiece $one): array => [[$one->left, $one->bottom], [$one->right, $one->bottom], [$one->right, $one->top], [$one->left, $one->top]], array_filter($lying, static fn (LyingPiece $one): bool => $one->role === $piece->role && ! $piece->role->isPanel())))),
            'section' => array_map(static fn (array $line): array => Wire::line($line), $piece->role->isPanel() ? $this->panelsThrough($plan, $flashed, $piece->role) : PieceSection::of($piece, $middle, $lying)),
        ];
    }

    /** @return list<array{float, float}> a boot's base round its pipe */
    private function base(Boot $boot, float $width): array
    {
        [$low, $high] = [($width - $boot->base) / 2.0, ($width + $boot->base) / 2.0];

        return [[$low, $low], [$high, $low], [$high, $high], [$low, $high]];
    }

    /**
     * How many things lie below it: what is slid under another lies below that, though it comes later.
     *
     * @param  list<LyingPiece>  $lying
     */
    private function rank(OpeningPiece $piece, array $lying): int
    {
        foreach ($lying as $rank => $one) {
            if ($one->role === $piece->role) {
                return $rank;
            }
        }

        return 0;
    }

    /** @return list<array{Point, Point}> the panels below or above, where the section goes through them */
    private function panelsThrough(Plan $plan, FlashedOpening $flashed, PieceRole $role): array
    {
        $bounds = $flashed->round->opening->outline->bounds();
        $lines = [];
        foreach ($role === PieceRole::PanelsBeside ? [] : $plan->of(CuttingStage::class)->panels as $panel) {
            foreach ($panel->face === $flashed->round->face->id ? $panel->upAt(($bounds->left + $bounds->right) / 2.0 + 0.01) : [] as [$low, $high]) {
                if (($low < $bounds->bottom) === ($role === PieceRole::PanelBelow)) {
                    $lines[] = [new Point($low - $bounds->bottom, 0.0), new Point($high - $bounds->bottom, 0.0)];
                }
            }
        }

        return $lines;
    }

    /** A panel or a run of trim by its name. */
    private function names(Plan $plan, string $id): string
    {
        $run = $plan->of(TrimsStage::class)->runs[$id] ?? null;
        if ($run !== null) {
            return $this->words->list([$this->edges->of($plan->of(RoofStage::class)->roof)[$run->edge->id] ?? $run->edge->id, $this->layers->name($run->layer)]);
        }

        return $plan->of(CuttingStage::class)->name($id);
    }

    /** @return OpeningViewShape['uphills'] */
    private function uphills(Plan $plan, FlashedOpening $flashed): array
    {
        $advice = $plan->of(WaterStage::class)->advice[$flashed->id()] ?? null;

        return array_map(fn (UphillComparison $one): array => [
            'school' => $one->school->value, 'name' => $this->pieces->uphill($one->school), 'why' => $this->words->say("uphill.why.{$one->school->value}"),
            'chosen' => $flashed->round->opening->uphill->school === $one->school, 'advised' => $advice?->school === $one->school, 'fits' => $one->fits,
            'pieces' => $one->pieces, 'hours' => round($one->hours, 1), 'held' => round($one->held, 1), 'asked' => $one->isAsked,
        ], UphillComparison::all($plan, $flashed));
    }

    private function advice(Plan $plan, FlashedOpening $flashed): string
    {
        $advice = $plan->of(WaterStage::class)->advice[$flashed->id()] ?? null;
        if ($advice === null) {
            return '';
        }
        $measures = $this->words->measures($plan->job->units);
        $reasons = array_map(fn (string $reason): string => $this->words->say("uphill.reason.$reason"), $advice->reasons);

        return $this->words->say('uphill.advice', ['area' => $measures->area($advice->squareFeet, 1), 'flow' => $measures->water($advice->gallons), 'school' => $this->pieces->uphill($advice->school), 'reasons' => $reasons === [] ? $this->words->say('uphill.reason.none') : implode(' ', $reasons)]);
    }
}
