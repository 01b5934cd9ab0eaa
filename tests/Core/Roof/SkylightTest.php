<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\Internal\Finder\KeepOut;
use Imbrex\Core\Layout\Internal\Finder\KeepOuts;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Deck;
use Imbrex\Core\Roof\DeckKind;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\SurveyInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;

/** What a skylight wants of the roof it stands in. */
final class SkylightTest extends TestCase
{
    /** @return iterable<string, array{string, float, bool, DeckKind|null, list<string>}> */
    public static function roofs(): iterable
    {
        yield 'as it should be' => ['snap-lock-1.5-16', 4.0, true, DeckKind::Plywood, []];
        yield 'just at its pitch' => ['snap-lock-1.5-16', 3.0, true, null, []];
        yield 'under it' => ['double-lock-2-16', 2.9, false, null, ['block roof.skylight-pitch']];
        yield 'seams too high for what is ready-made' => ['snap-lock-1.75-16', 4.0, true, null, ['settle roof.skylight-seams']];
        yield 'the same flashed with panel metal' => ['snap-lock-1.75-16', 4.0, false, null, []];
        yield 'no deck round it' => ['rib-12-36', 4.0, true, DeckKind::Purlins, ['settle roof.skylight-deck']];
        yield 'old shingles are deck enough' => ['rib-9-36', 4.0, true, DeckKind::OldShingles, []];
        yield 'all at once' => ['double-lock-2-16', 2.0, true, DeckKind::Battens, ['block roof.skylight-pitch', 'settle roof.skylight-seams', 'settle roof.skylight-deck']];
    }

    /** @param  list<string>  $told */
    #[DataProvider('roofs')]
    public function test_what_is_told(string $profile, float $rise, bool $readyMade, ?DeckKind $deck, array $told): void
    {
        $findings = self::plan($profile, $rise, $readyMade, $deck)->of(RoofStage::class)->findings();

        self::assertSame($told, array_map(static fn (Finding $f): string => "{$f->severity->value} $f->code", $findings));
    }

    public function test_beside_a_skylight_a_corrugated_seam_may_fall_anywhere(): void
    {
        foreach (['corrugated-7/8-32' => 0, 'rib-9-36' => 2, 'snap-lock-1.5-16' => 2] as $profile => $sides) {
            $plan = self::plan($profile, 4.0, true, null);
            $face = $plan->of(RoofStage::class)->roof->faces[0];
            $outs = (new KeepOuts($plan->job->covering))->on($face, MovedFace::metal($face, $plan->of(BuildsStage::class)));
            self::assertCount($sides, array_filter($outs, static fn (KeepOut $out): bool => $out->what === 'beside'), $profile);
        }
    }

    private static function plan(string $profile, float $rise, bool $readyMade, ?DeckKind $deck): Plan
    {
        $skylight = Opening::outlined('o1', 'P1', OpeningKind::Skylight, 'Skylight', Polygon::rectangle(100, 60, 124, 106), readyMade: $readyMade);
        $plane = new Plane('P1', 'Plane', Polygon::rectangle(0, 0, 400, 200), [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Peak, EdgeKind::Rake], [], $rise);

        $roof = new RoofInput(openings: [$skylight], decks: $deck === null ? [] : ['P1' => new Deck($deck)]);

        return Plan::for(Job::of('Skylights', UnitSystem::Imperial, JobMaker::covering($profile), new SurveyInput([$plane]), $roof));
    }
}
