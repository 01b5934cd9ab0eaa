<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Catalogue\Covering;
use Imbrex\Core\Catalogue\HoldKind;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Deck;
use Imbrex\Core\Roof\DeckKind;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Units\Length;

/** Holds the faces of a roof down, each by its own school or the job's. */
final readonly class FaceHolder
{
    /** Old courses are taken to show so much (in) where nobody has said. */
    private const COURSE = 5.0;

    public ?Pressures $pressures;

    /** Inches on the level. */
    public float $zoneWidth;

    private HoldDownInput $input;

    private Covering $covering;

    /** @var array<string, Deck> by face */
    private array $decks;

    public function __construct(Plan $plan)
    {
        $this->input = $plan->job->part(HoldDownInput::class);
        $this->covering = $plan->job->covering;
        $this->decks = $plan->job->part(RoofInput::class)->decks;
        $size = BuildingSize::of($plan->of(RoofStage::class)->roof);
        $wish = $this->input->estimate;
        $height = $wish->meanHeightFeet ?? $size->meanHeightFeet();
        $this->zoneWidth = $this->input->zoneWidth ?? $size->zoneWidth($height);
        $this->pressures = match (true) {
            $this->input->pressures !== null => Pressures::given($this->input->pressures),
            $wish !== null => Pressures::estimated(new WindEstimate($wish->exposure, $wish->mph, $height ?? WindEstimate::LOWEST, $wish->kzt)),
            default => null,
        };
    }

    /** @param  list<Panel>  $panels  of the face */
    public function hold(Face $face, array $panels, ?ClipSchool $school = null): FaceHold
    {
        $zones = FaceZones::of($face, $this->zoneWidth);
        if (! $this->covering->profile->family->isConcealed()) {
            return $this->screwed($face, $panels, $zones);
        }
        $wish = $this->wish($face->id);
        $school ??= $wish->school ?? ClipSchool::from($this->covering->rules->choice('hold.school'));
        $isSlotted = $this->covering->profile->hold->kind === HoldKind::Slots;
        $screws = $isSlotted ? 1 : ($wish->screws ?? (int) $this->covering->rules->number('hold.screws'));
        $allowable = $this->allowable($face->id, $screws);
        $seams = (new SeamFinder($this->covering->profile))->of($panels);
        $spacing = new Spacing($school, $this->covering->rules, $this->pressures, $allowable, $face->pitch->degrees(), $wish->spacing ?? $this->covering->rules->number($isSlotted ? 'hold.slots' : 'hold.uniform'));
        $deck = $this->decks[$face->id] ?? null;
        $courses = $school === ClipSchool::Courses ? ($deck?->kind === DeckKind::OldShingles ? $deck->spacing : null) ?? self::COURSE : null;
        $clips = (new ClipPlacer($face, $zones, $spacing, $this->covering->rules, $this->pressures, $allowable, $school, $courses))->place($seams);

        return new FaceHold($face->id, $zones, $face->pitch->degrees(), $school, $isSlotted ? null : ClipBook::shipped()->clip($wish->clip ?? 'flat'), $screws, $allowable, $seams, $clips, [], [], array_map($this->fixed(...), $panels));
    }

    /**
     * What would carry the weakest place of a face, each by itself.
     *
     * @return array{spacing: Length, withThree: float, narrower: Length} clips so far apart there, the ratio with a third screw, panels so wide
     */
    public function cures(FaceHold $hold, Clip $weakest): array
    {
        $ratio = $weakest->ratio() ?? 1.0;
        $width = $hold->seams[$weakest->seam - 1]->width ?? $this->covering->profile->cover;
        $spacing = new Spacing(ClipSchool::Pressure, $this->covering->rules, $this->pressures, $hold->allowable, $hold->pitchDegrees, 0.0);

        return ['spacing' => Length::ofInches($spacing->byPressure($weakest->zone, $width)), 'withThree' => round($ratio * $hold->allowable / $this->allowable($hold->face, 3), 2), 'narrower' => Length::ofInches($width / $ratio)];
    }

    private function allowable(string $face, int $screws): float
    {
        $deck = $this->decks[$face]->kind ?? DeckKind::Plywood;
        $book = ClipBook::shipped();

        return $this->input->clipAllowable ?? ($this->covering->profile->hold->kind === HoldKind::Slots ? $book->slot($deck) : $book->allowable($screws, $deck));
    }

    private function wish(string $face): HoldWish
    {
        return ($this->input->faces[$face] ?? new HoldWish)->over($this->input->usual);
    }

    /** @param  list<Panel>  $panels */
    private function screwed(Face $face, array $panels, FaceZones $zones): FaceHold
    {
        $rules = $this->covering->rules;
        $deck = $this->decks[$face->id] ?? null;
        $bounds = $face->outline->bounds();
        $purlins = $deck !== null && ! $deck->kind->isSolid() ? $deck->spacing : null;
        $rows = RowLines::of($bounds->bottom, $bounds->top, $rules->number('hold.rowEnd'), $this->wish($face->id)->spacing ?? $rules->number('hold.rows'), $purlins);
        $screws = (new ScrewPlacer($this->covering->profile, $rules, $face->outline))->place($panels, $rows);

        return new FaceHold($face->id, $zones, $face->pitch->degrees(), null, null, 0, ClipBook::shipped()->screw($deck->kind ?? DeckKind::Plywood), [], [], $screws, $rows, []);
    }

    private function fixed(Panel $panel): FixedPoint
    {
        return FixedPoint::atHead($panel->id, $panel->strip->left, $panel->strip->right, $panel->metal->bounds()->top);
    }
}
