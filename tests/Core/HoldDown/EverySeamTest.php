<?php

declare(strict_types=1);

namespace Tests\Core\HoldDown;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\HoldDown\ClipSchool;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\HoldWish;
use Imbrex\Core\HoldDown\ScrewRow;
use Imbrex\Core\HoldDown\Seam;
use Imbrex\Core\HoldDown\Snow\GuardedPlace;
use Imbrex\Core\HoldDown\Snow\GuardFor;
use Imbrex\Core\HoldDown\Snow\GuardKind;
use Imbrex\Core\HoldDown\Snow\SnowInput;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\Roof\RandomRoof;

/**
 * What holds along every seam of any roof, told from the panels' outlines alone: wherever metal lies on both sides of a module line, clips
 * hold it, none over a valley's pan, none farther apart than may be; what is screwed or clamped stands on metal.
 */
final class EverySeamTest extends TestCase
{
    /** A place (in) every so much is looked at. */
    private const STEP = 4.0;

    /** An L of 16 in panels, a wall at u 125 from v 80 up: by hand the seam at 128 runs from the eave to the wall's foot, as its neighbour does. */
    public function test_a_seam_beside_a_wall_that_begins_within_its_panel_has_its_clips(): void
    {
        $job = JobMaker::outline(
            [[0, 0], [240, 0], [240, 80], [125, 80], [125, 200], [0, 200]],
            [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Headwall, EdgeKind::Sidewall, EdgeKind::Ridge, EdgeKind::Rake],
            choice: new LayoutChoice(StartKind::ControlPoint, at: 128.0, asSeam: true),
        );
        $hold = Plan::for($job)->of(HoldDownStage::class)->faces['P1'];
        $counts = [];
        foreach ($hold->seams as $seam) {
            $counts[(string) $seam->u] = count(array_filter($hold->clips, static fn ($clip): bool => $clip->seam === $seam->number));
        }
        self::assertSame([4, 4], [$counts['128'], $counts['144']]);
        self::assertGreaterThan(4, $counts['112']);
    }

    public function test_on_random_roofs(): void
    {
        $seen = ['places' => 0, 'near valleys' => 0, 'stitches' => 0];
        foreach (RandomRoof::several(300) as $random) {
            $plan = $random->plan();
            foreach ($plan->of(HoldDownStage::class)->faces as $id => $hold) {
                $face = $plan->of(RoofStage::class)->roof->face($id) ?? throw new \LogicException($id);
                $panels = $plan->of(CuttingStage::class)->panelsOf($id);
                $what = "roof $random->number, $id";
                $seen['places'] += $hold->school === null ? 0 : self::isHeldEverywhere($face, $panels, $hold, $what);
                foreach (self::hasValley($face) ? $hold->clips : [] as $clip) {
                    $off = self::fromValley($face, new Point($clip->u, $clip->v));
                    $seen['near valleys'] += $off < 30.0 ? 1 : 0;
                    self::assertGreaterThanOrEqual(12.0 - 1e-6, $off, "$what: a clip at $clip->u, $clip->v");
                }
                foreach ($hold->screws as $screw) {
                    $isLap = $screw->row === ScrewRow::Lap;
                    $seen['stitches'] += $isLap ? 1 : 0;
                    // A stitch goes through both sheets.
                    foreach ($isLap ? [-0.05, 0.05] : [0.0] as $beside) {
                        $on = array_filter($panels, static fn (Panel $panel): bool => abs($panel->strip->moduleLeft + $panel->strip->cover / 2.0 - $screw->u) < $panel->strip->cover && self::isMetal($panel, $screw->u + $beside, $screw->v));
                        self::assertNotSame([], $on, "$what: {$screw->row->value} at $screw->u, $screw->v");
                    }
                }
            }
        }
        self::assertGreaterThan(500, min($seen), (string) json_encode($seen));
    }

    /**
     * Nearer than a clip's spacing to a valley's pan none may stand.
     *
     * @param  list<Panel>  $panels
     * @return int how many places were looked at
     */
    private static function isHeldEverywhere(Face $face, array $panels, FaceHold $hold, string $what): int
    {
        $looked = 0;
        foreach (self::seams($panels) as [$u, $places]) {
            foreach ($places as $v) {
                if (self::fromValley($face, new Point($u, $v)) >= 26.0) {
                    $looked++;
                    $near = min([INF, ...array_map(static fn ($clip): float => abs($clip->u - $u) < 0.01 ? abs($clip->v - $v) : INF, $hold->clips)]);
                    self::assertLessThanOrEqual(24.0 + 1e-6, $near, "$what: bare at $u, $v");
                }
            }
        }

        return $looked;
    }

    /** What is slotted is held every foot, whatever the wind lets; and no closer than can be set, whatever it asks. */
    public function test_by_pressure_a_nail_strip_keeps_its_foot(): void
    {
        $strip = Catalogue::shipped()->profile('nail-strip-1.5-16');
        foreach ([[5.0, 110.0, 12.0], [90.0, 0.01, 4.0]] as [$psf, $pounds, $most]) {
            foreach ([ClipSchool::Pressure, ClipSchool::Dense, ClipSchool::Uniform] as $school) {
                $input = new HoldDownInput(pressures: ['field' => $psf, 'edge' => $psf, 'corner' => $psf], usual: new HoldWish($school), clipAllowable: $pounds);
                $plan = Plan::for(JobMaker::rectangle(200.0, 240.0, $strip)->with($input));
                $hold = $plan->of(HoldDownStage::class)->faces['P1'];
                self::assertEqualsWithDelta($school === ClipSchool::Pressure ? $most : 12.0, self::widest($hold), 1.2, $school->value);
                self::assertLessThanOrEqual(12.0 + 1e-6, self::widest($hold));
                self::assertSame($pounds < 1.0, $hold->over() !== []);
            }
        }
    }

    public function test_rails_are_clamped_on_seams_and_sheets_without_get_pads(): void
    {
        $place = [new GuardedPlace('P1', 0.0, 200.0, GuardFor::Walk)];
        $plan = Plan::for(JobMaker::rectangle(200.0, 240.0)->with(new SnowInput(30.0, GuardKind::Rail, $place)));
        $hold = $plan->of(HoldDownStage::class)->faces['P1'];
        $seams = array_map(static fn (Seam $seam): float => $seam->u, $hold->seams);
        self::assertNotSame([], $hold->guards);
        foreach ($hold->guards as $row) {
            foreach ($row->at as $clamp) {
                self::assertLessThan(1e-6, min(array_map(static fn (float $u): float => abs($u - $clamp->u), $seams)), "$clamp->u");
            }
            self::assertLessThanOrEqual(1.0 + 1e-9, $row->ratio());
        }
        foreach (['corrugated-7/8-32' => 8.0, 'rib-9-36' => 9.0] as $profile => $apart) {
            $plan = Plan::for(JobMaker::rectangle(200.0, 240.0, $profile)->with(new SnowInput(30.0, GuardKind::Rail, $place)));
            $row = $plan->of(HoldDownStage::class)->faces['P1']->guards[0];
            $gaps = array_map(static fn (Point $a, Point $b): float => $b->u - $a->u, array_slice($row->at, 0, -1), array_slice($row->at, 1));
            self::assertGreaterThan(5.9, min($gaps), $profile);
            self::assertEqualsWithDelta($apart, $gaps[2], 1e-6, $profile);
            self::assertContains('snow.no-seams', array_map(static fn ($finding): string => $finding->code, $plan->findings()));
        }
        // By hand: snow without end on small clamps gets rows a foot apart, and it is said that they do not do.
        $buried = Plan::for(JobMaker::rectangle(200.0, 240.0)->with(new SnowInput(300.0, GuardKind::Rail, $place))->with(new HoldDownInput(allowables: ['clamp' => 0.1])));
        self::assertLessThanOrEqual(20, count($buried->of(HoldDownStage::class)->faces['P1']->guards));
        self::assertContains('snow.over', array_map(static fn ($finding): string => $finding->code, $buried->findings()));
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<array{float, list<float>}> module lines between strips, and places up them with metal on both sides
     */
    private static function seams(array $panels): array
    {
        $seams = [];
        $strips = [];
        foreach ($panels as $panel) {
            $strips[$panel->strip->position][] = $panel;
        }
        foreach ($strips as $position => $own) {
            $u = $own[0]->strip->moduleRight();
            $places = [];
            foreach ($own as $panel) {
                for ($v = $panel->metal->bounds()->bottom + self::STEP; $v < $panel->metal->bounds()->top; $v += self::STEP) {
                    // What is shorter than an inch wants none.
                    $isOn = static fn (Panel $one, float $at): bool => self::isMetal($one, $at, $v - 0.6) && self::isMetal($one, $at, $v + 0.6);
                    if ($isOn($panel, $u - 0.1) && array_filter($strips[$position + 1] ?? [], static fn (Panel $one): bool => $isOn($one, $u + 0.1)) !== []) {
                        $places[] = $v;
                    }
                }
            }
            $seams[] = [$u, $places];
        }

        return $seams;
    }

    /** By corners counted round a point, not by the panel's own crossings. */
    private static function isMetal(Panel $panel, float $u, float $v): bool
    {
        $inside = false;
        foreach ([$panel->metal, ...$panel->holes] as $loop) {
            foreach ($loop->corners as $i => $a) {
                $b = $loop->corner($i + 1);
                if (($a->v > $v) !== ($b->v > $v) && $u < $a->u + ($v - $a->v) / ($b->v - $a->v) * ($b->u - $a->u)) {
                    $inside = ! $inside;
                }
            }
        }

        return $inside;
    }

    private static function hasValley(Face $face): bool
    {
        return in_array(EdgeKind::Valley, array_merge($face->edges, ...$face->holeEdges), true);
    }

    private static function fromValley(Face $face, Point $point): float
    {
        $nearest = INF;
        foreach ([$face->outline, ...$face->holes] as $loop => $outline) {
            foreach ($loop === 0 ? $face->edges : $face->holeEdges[$loop - 1] as $side => $kind) {
                if ($kind === EdgeKind::Valley) {
                    [$a, $b] = [$outline->corner($side), $outline->corner($side + 1)];
                    $along = max(0.0, min(1.0, (($point->u - $a->u) * ($b->u - $a->u) + ($point->v - $a->v) * ($b->v - $a->v)) / $a->distanceTo($b) ** 2));
                    $nearest = min($nearest, $point->distanceTo(new Point($a->u + $along * ($b->u - $a->u), $a->v + $along * ($b->v - $a->v))));
                }
            }
        }

        return $nearest;
    }

    private static function widest(FaceHold $hold): float
    {
        $gaps = [0.0];
        foreach ($hold->seams as $seam) {
            $at = array_values(array_map(static fn ($clip): float => $clip->v, array_filter($hold->clips, static fn ($clip): bool => $clip->seam === $seam->number)));
            array_push($gaps, ...array_map(static fn (float $a, float $b): float => $b - $a, array_slice($at, 0, -1), array_slice($at, 1)));
        }

        return max($gaps);
    }
}
