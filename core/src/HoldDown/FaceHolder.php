<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Cutting\CuttingResult;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Catalogue\HoldKind;
use Imbrex\Core\Ground\Geometry\Bounds;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\HoldDown\Internal\BuildingSize;
use Imbrex\Core\HoldDown\Internal\ClipPlacer;
use Imbrex\Core\HoldDown\Internal\Crimps;
use Imbrex\Core\HoldDown\Internal\FaceZones;
use Imbrex\Core\HoldDown\Internal\FixedPlacer;
use Imbrex\Core\HoldDown\Internal\RowBook;
use Imbrex\Core\HoldDown\Internal\ScrewPlacer;
use Imbrex\Core\HoldDown\Internal\SeamFinder;
use Imbrex\Core\HoldDown\Internal\Snow\GuardPlacer;
use Imbrex\Core\HoldDown\Snow\GuardKind;
use Imbrex\Core\HoldDown\Snow\GuardRow;
use Imbrex\Core\HoldDown\Snow\SnowInput;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Deck;
use Imbrex\Core\Roof\DeckKind;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;

/** Holds the faces of a roof down, each by its own school or the job's. */
final readonly class FaceHolder
{
    /** Old courses are taken to show so much (in) where nobody has said. */
    private const COURSE = 5.0;

    /** A pan's head is left a little longer (in) than it must be. */
    private const LEFT = 1.0;

    public ?Pressures $pressures;

    /** Inches on the level. */
    public float $zoneWidth;

    private RowBook $rows;

    private SideFinder $sides;

    /** @var list<Edge> of the roof */
    private array $edges;

    /** @param  array<string, Deck>  $decks  by face */
    private function __construct(Roof $roof, CuttingResult $cutting, private Builds $builds, private array $decks, private Covering $covering, private HoldDownInput $input, private SnowInput $snow)
    {
        $this->sides = new SideFinder($roof);
        $this->edges = $roof->edges;
        $size = BuildingSize::of($roof);
        $wish = $input->estimate;
        $height = $wish->meanHeightFeet ?? $size->meanHeightFeet();
        $this->zoneWidth = $input->zoneWidth ?? $size->zoneWidth($height);
        $this->pressures = match (true) {
            $input->pressures !== null => Pressures::given($input->pressures),
            $wish !== null => Pressures::estimated(new WindEstimate($wish->exposure, $wish->mph, $height ?? WindEstimate::LOWEST, $wish->kzt)),
            default => null,
        };
        $this->rows = $this->rowBook($roof, $cutting);
    }

    public static function on(Plan $plan): self
    {
        $laid = $plan->of(RoofStage::class);

        return new self(
            roof: $laid->roof,
            cutting: $plan->of(CuttingStage::class),
            builds: $plan->of(BuildsStage::class),
            decks: $laid->decks,
            covering: $plan->job->covering,
            input: $plan->job->part(HoldDownInput::class),
            snow: $plan->job->part(SnowInput::class),
        );
    }

    /** @param  list<Panel>  $panels  of the face */
    public function hold(Face $face, array $panels, ?ClipSchool $school = null): FaceHold
    {
        $zones = FaceZones::of($face, $this->zoneWidth);

        return $this->covering->profile->family->isConcealed() ? $this->clipped($face, $panels, $zones, $school) : $this->screwed($face, $panels, $zones);
    }

    /**
     * What would carry the weakest clip of a face, each by itself.
     *
     * @return array{spacing: Length, withThree: float, narrower: Length} clips so far apart there, the ratio with a third screw, panels so wide
     */
    public function cures(FaceHold $hold, Clip $weakest): array
    {
        $ratio = $weakest->ratio() ?? 1.0;
        $width = $hold->seams[$weakest->seam - 1]->width ?? $this->covering->profile->cover;
        $spacing = Spacing::pressing($this->covering, $this->pressures, $hold->allowable, $hold->pitchDegrees);

        return ['spacing' => Length::ofInches($spacing->byPressure($weakest->zone, $width)), 'withThree' => round($ratio * $hold->allowable / $this->clipAllowable($hold->face, 3), 2), 'narrower' => Length::ofInches($width / $ratio)];
    }

    /** lb one of it may carry on a face: by the product's own test report, else the example that ships. */
    public function carries(Carrier $what, string $face): float
    {
        return $this->input->allowables[$what->value] ?? ClipBook::shipped()->carries($what, $this->deck($face));
    }

    public function fixedBy(): FixedBy
    {
        return $this->covering->profile->hold->kind === HoldKind::Slots ? FixedBy::Slot : $this->input->fixedBy ?? FixedBy::from($this->covering->rules->choice('hold.fix'));
    }

    /** lb one screw through a sheet may carry: the deck lets go of it, or the sheet tears over its head. */
    public function screwAllowable(string $face): float
    {
        return min($this->carries(Carrier::Screw, $face), $this->carries(Carrier::PullOver, $face));
    }

    private function clipAllowable(string $face, int $screws): float
    {
        if ($this->covering->profile->hold->kind === HoldKind::Slots) {
            return $this->input->clipAllowable ?? $this->carries(Carrier::Slot, $face);
        }

        return $this->input->clipAllowable ?? ClipBook::shipped()->allowable($screws, $this->deck($face));
    }

    private function deck(string $face): DeckKind
    {
        return $this->decks[$face]->kind ?? DeckKind::Plywood;
    }

    private function wish(string $face): HoldWish
    {
        return ($this->input->faces[$face] ?? new HoldWish)->over($this->input->usual);
    }

    /** @param  list<Panel>  $panels */
    private function clipped(Face $face, array $panels, FaceZones $zones, ?ClipSchool $school): FaceHold
    {
        $rules = $this->covering->rules;
        $wish = $this->wish($face->id);
        $school ??= $wish->school ?? ClipSchool::from($rules->choice('hold.school'));
        $isSlotted = $this->covering->profile->hold->kind === HoldKind::Slots;
        $kind = $isSlotted ? null : ClipBook::shipped()->clip($wish->clip ?? 'flat');
        $screws = $isSlotted ? 1 : ($kind->screws ?? $wish->screws ?? (int) $rules->number('hold.screws'));
        $allowable = $this->clipAllowable($face->id, $screws);
        $seams = (new SeamFinder($this->covering->profile))->of($panels);
        $spacing = Spacing::by($school, $this->covering, $this->pressures, $allowable, $face->pitch->degrees(), $wish->spacing);
        $deck = $this->decks[$face->id] ?? null;
        $courses = $school === ClipSchool::Courses ? ($deck?->kind === DeckKind::OldShingles ? $deck->spacing : null) ?? self::COURSE : null;
        $clips = (new ClipPlacer(
            face: $face,
            zones: $zones,
            spacing: $spacing,
            rules: $rules,
            pressures: $this->pressures,
            allowable: $allowable,
            school: $school,
            valleys: $this->valleys($face),
            courses: $courses,
        ))->place($seams);
        [$guards, $snow] = $this->guards($face, $panels, $seams);
        $fixed = new FixedPlacer($this->covering, $this->input->fixed, $face->pitch->degrees(), $this->carries($this->fixedBy()->carrier(), $face->id), array_map(fn (int $side): ?float => $this->builds->at($face, 0, $side)->fixedIn(), array_keys($face->edges)));

        return new FaceHold(
            face: $face->id, zones: $zones, pitchDegrees: $face->pitch->degrees(), school: $school, clip: $kind, screwsAClip: $screws, allowable: $allowable, seams: $seams, clips: $clips, screws: [], rows: [],
            fixed: array_map(static fn (Panel $panel): FixedPoint => $fixed->of($panel, $snow[$panel->id] ?? 0.0, $clips), $panels),
            guards: $guards, crimps: $this->covering->profile->family === Family::CapSeam ? Crimps::of($seams, $clips, $rules->number('hold.crimp')) : [],
        );
    }

    /** @return list<array{Point, Point}> on the deck: those of a gablet or a cricket within the face, and those of a roof that hangs over it, too */
    private function valleys(Face $face): array
    {
        $usual = $this->builds->build(EdgeKind::Valley, null, $face->pitch->riseIn12)->line() ?? 0.0;
        $valleys = $cleats = [];
        foreach ($face->region()->loops() as $loop => $outline) {
            foreach (array_keys($face->edgesOfLoop($loop), EdgeKind::Valley, true) as $side) {
                $key = $this->sides->edge($face, $loop, $side)->id ?? "$loop $side";
                $cleats[$key] = $this->builds->at($face, $loop, $side)->line() ?? 0.0;
                $valleys[$key] = [$outline->corner($side), $outline->corner($side + 1)];
            }
        }
        foreach ($this->edges as $edge) {
            if ($face->frame !== null && $edge->kind === EdgeKind::Valley && in_array($face->id, $edge->faces, true)) {
                $valleys[$edge->id] = [$face->frame->toDeck($edge->from), $face->frame->toDeck($edge->to)];
            }
        }

        return array_map(fn (array $line, string $key): array => $this->past($line, $cleats[$key] ?? $usual), $valleys, array_map(strval(...), array_keys($valleys)));
    }

    /**
     * A pan goes on past its head until the panels of the face beyond meet over it.
     *
     * @param  array{Point, Point}  $line
     * @param  float  $cleat  where its cleats end, square to the line, inches
     * @return array{Point, Point}
     */
    private function past(array $line, float $cleat): array
    {
        [$low, $high] = $line[0]->v <= $line[1]->v ? $line : array_reverse($line);
        $long = max(1e-9, $low->distanceTo($high));
        // By its angle to the ribs; as far as clips keep off its line they keep off its end already.
        $past = max(0.0, min($long, $cleat * ($high->v - $low->v) / max(1e-9, abs($high->u - $low->u))) + self::LEFT - $this->covering->rules->number('hold.offValley'));

        return [$low, new Point($high->u + $past * ($high->u - $low->u) / $long, $high->v + $past * ($high->v - $low->v) / $long)];
    }

    /** @param  list<Panel>  $panels */
    private function screwed(Face $face, array $panels, FaceZones $zones): FaceHold
    {
        $rules = $this->covering->rules;
        $rows = $this->rows->rows($face);
        $allowable = $this->screwAllowable($face->id);
        $screws = (new ScrewPlacer(
            profile: $this->covering->profile,
            rules: $rules,
            face: $face,
            closed: $this->closed($face),
            endRows: $this->endRows($face),
            zones: $zones,
            pressures: $this->pressures,
            allowable: $allowable,
            purlins: $this->wish($face->id)->purlins,
        ))->place($panels, $rows);

        return new FaceHold(
            face: $face->id,
            zones: $zones,
            pitchDegrees: $face->pitch->degrees(),
            school: null,
            clip: null,
            screwsAClip: 0,
            allowable: $allowable,
            seams: [],
            clips: [],
            screws: $screws,
            rows: $rows,
            fixed: [],
            guards: $this->guards($face, $panels, [])[0],
        );
    }

    private function rowBook(Roof $roof, CuttingResult $cutting): RowBook
    {
        $wishes = $metal = [];
        foreach ($this->covering->profile->family->isConcealed() ? [] : $roof->faces as $face) {
            $wishes[$face->id] = $this->wish($face->id);
            $bounds = array_map(static fn (Panel $panel): Bounds => $panel->metal->bounds(), $cutting->panelsOf($face->id));
            if ($bounds !== []) {
                $metal[$face->id] = [min(array_map(static fn (Bounds $one): float => $one->bottom, $bounds)), max(array_map(static fn (Bounds $one): float => $one->top, $bounds))];
            }
        }

        return new RowBook($roof, $this->covering->rules, $this->decks, $wishes, $metal);
    }

    /** @return list<float|null> by side: from the sheet's end to the row its build has there, inches square to the side */
    private function endRows(Face $face): array
    {
        $bounds = $face->outline->bounds();
        $isLow = static fn (int $side): bool => $face->outline->corner($side)->v + $face->outline->corner($side + 1)->v < $bounds->bottom + $bounds->top;

        return array_map(fn (int $side): ?float => $this->builds->at($face, 0, $side)->endRow($isLow($side)), array_keys($face->edges));
    }

    /** @return list<bool> by side: whether the build closes the ribs there */
    private function closed(Face $face): array
    {
        $closed = [];
        foreach (array_keys($face->edges) as $side) {
            $closed[] = array_filter($this->builds->at($face, 0, $side)->layers(), static fn ($layer): bool => $layer->role === LayerRole::Closure) !== [];
        }

        return $closed;
    }

    /**
     * @param  list<Panel>  $panels
     * @param  list<Seam>  $seams
     * @return array{list<GuardRow>, array<string, float>} rows, and lb of snow held by panel
     */
    private function guards(Face $face, array $panels, array $seams): array
    {
        $kind = $this->snow->kindOn($this->covering->profile);
        $placer = new GuardPlacer($this->covering->profile, $this->covering->rules, $kind, $this->carries($kind === GuardKind::Rail ? Carrier::Clamp : Carrier::Pad, $face->id), $this->snow->psf, $face->pitch->degrees());
        [$rows, $held] = [[], []];
        foreach ($this->snow->places as $number => $place) {
            if ($place->face !== $face->id) {
                continue;
            }
            [$own, $by] = $placer->place($place, $number, $panels, $seams, $face->outline->bounds()->left);
            array_push($rows, ...$own);
            foreach ($by as $panel => $pounds) {
                $held[$panel] = ($held[$panel] ?? 0.0) + $pounds;
            }
        }

        return [$rows, $held];
    }
}
