<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Fit\FitStage;
use Imbrex\Core\Fit\Internal\Fasteners;
use Imbrex\Core\Fit\Internal\LaidPanels;
use Imbrex\Core\Fit\Misfit;
use Imbrex\Core\Fit\MisfitKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\Bend;
use Imbrex\Core\Ground\Metalwork\TrimHem;
use Imbrex\Core\Ground\Metalwork\TrimLeg;
use Imbrex\Core\Ground\Metalwork\TrimShape;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\FixedPoint;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\Screw;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\TrimsInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** The judge of fit: what should meet does, and screws stand in metal. */
final class FitTest extends TestCase
{
    /** Legs of 6 as they were bent once: at 6 in 12 on seams of 1-1/2 they cover 5-1/4, and the zees end at 6. */
    public function test_a_cap_of_the_usual_six_is_short(): void
    {
        $misfits = $this->withShape(new TrimShape('ridge-cap', [new TrimLeg(6.0, new Bend(0.0, dihedral: 1.0)), new TrimLeg(6.0)], new TrimHem(0.625, true), new TrimHem(0.625, true)), 6.0);
        self::assertSame(['shed.S', 'shed.N'], array_map(static fn (Misfit $one): string => $one->face, $misfits));
        self::assertEqualsWithDelta([0.75, 0.75], array_map(static fn (Misfit $one): float => $one->by, $misfits), 1e-6);
        // As it ships it reaches; at 12 in 12, too.
        foreach ([1.0, 6.0, 12.0, 18.0] as $rise) {
            self::assertSame([], RoofJob::plan(RoofJob::gable(480.0, rise: $rise))->of(FitStage::class)->misfits);
        }
    }

    public function test_a_flashing_at_a_wall_reaches_over_its_zees(): void
    {
        $blocks = static fn (float $rise): array => [BlockMaker::block('hall', 0, 0, 480, 240, [3, null, 3, null], 0, 250.0), BlockMaker::block('shed', 0, -120, 480, 120, [$rise, null, null, null], 0, 96.0)];
        foreach ([3.0, 12.0] as $rise) {
            $plan = RoofJob::plan($blocks($rise));
            self::assertSame([], $plan->of(FitStage::class)->misfits, "$rise in 12");
            self::assertNotSame([], array_filter($plan->of(RoofStage::class)->roof->edges, static fn ($edge): bool => $edge->kind->value === 'headwall'));
        }
        // A flange of 4 covers 4 − 1.5 at 12 in 12; the zees end at 4.
        $short = Plan::for(RoofJob::plan($blocks(12.0))->job->with(new TrimsInput(['headwall' => new TrimShape('headwall', [new TrimLeg(4.0, new Bend(90.0, 1.0, isOut: true)), new TrimLeg(4.0)], plumb: 1)])))->of(FitStage::class)->misfits;
        self::assertEqualsWithDelta([1.5], array_map(static fn (Misfit $one): float => $one->by, $short), 1e-6);
    }

    /** Planted: a screw on the fold, one past the sheet, one in the middle; a panel fixed on its bend. */
    public function test_fasteners_where_they_must_not_be_are_found(): void
    {
        $plan = RoofJob::plan(RoofJob::gable(360.0), 'rib-9-36');
        $face = $plan->of(RoofStage::class)->roof->face('shed.S') ?? self::fail();
        $hold = $plan->of(HoldDownStage::class)->faces['shed.S'];
        $panels = $plan->of(CuttingStage::class)->panelsOf('shed.S');
        $bounds = $panels[2]->metal->bounds();
        $at = static fn (float $v): Screw => new Screw(
            face: 'shed.S', panel: $panels[2]->id, row: $hold->screws[0]->row, u: ($bounds->left + $bounds->right) / 2.0, v: $v,
            zone: $hold->screws[0]->zone, squareFeet: 1.0, demand: null, allowable: 100.0,
        );
        $judge = new Fasteners($face, new LaidPanels($panels), []);
        $found = $judge->of($this->holding($hold, [$at($bounds->bottom + 0.25), $at($bounds->top + 1.0), $at($bounds->bottom + 6.0)], [new FixedPoint($panels[2]->id, [new Point($bounds->left + 6.0, $bounds->top - 0.5)], 1.0, 1.0)]));

        self::assertSame([MisfitKind::ScrewOff, MisfitKind::ScrewOff, MisfitKind::FixedOff], array_map(static fn (Misfit $one): MisfitKind => $one->kind, $found));
        self::assertEqualsWithDelta([0.125, 1.375, 0.25], array_map(static fn (Misfit $one): float => $one->by, $found), 1e-6);
        self::assertSame([], $judge->of($hold));
    }

    /** Nearer to a valley than its pan is wide clips are driven through it. */
    public function test_a_clip_through_a_valleys_pan_is_found(): void
    {
        self::assertSame([], RoofJob::plan(RoofJob::boathouse())->of(FitStage::class)->misfits);
        $misfits = RoofJob::plan(RoofJob::boathouse(), rules: ['hold.offValley' => 6.0])->of(FitStage::class)->misfits;
        self::assertNotSame([], $misfits);
        foreach ($misfits as $misfit) {
            self::assertSame(MisfitKind::ClipOff, $misfit->kind);
        }
    }

    /** What is found on random roofs is rare, and a crowded place of a small face: no screw misses its sheet, whatever the roof. */
    public function test_on_random_roofs_what_should_meet_does(): void
    {
        $odd = $roofs = 0;
        foreach (RandomRoof::several(60) as $random) {
            $misfits = $random->plan($random->number % 2 === 0)->of(FitStage::class)->misfits;
            foreach ($misfits as $misfit) {
                self::assertNotSame(MisfitKind::ScrewOff, $misfit->kind, "roof $random->number, $misfit->face by $misfit->by");
            }
            $odd += $misfits === [] ? 0 : 1;
            $roofs++;
        }
        self::assertLessThanOrEqual(0.06 * $roofs, $odd);
    }

    /** @return list<Misfit> */
    private function withShape(TrimShape $shape, float $rise): array
    {
        return Plan::for(RoofJob::plan(RoofJob::gable(480.0, rise: $rise))->job->with(new TrimsInput([$shape->key => $shape])))->of(FitStage::class)->misfits;
    }

    /**
     * @param  list<Screw>  $screws
     * @param  list<FixedPoint>  $fixed
     */
    private function holding(FaceHold $hold, array $screws, array $fixed): FaceHold
    {
        return new FaceHold(
            face: $hold->face, zones: $hold->zones, pitchDegrees: $hold->pitchDegrees, school: null, clip: null, screwsAClip: 0, allowable: $hold->allowable,
            seams: [], clips: [], screws: $screws, rows: $hold->rows, fixed: $fixed,
        );
    }
}
