<?php

declare(strict_types=1);

namespace Tests\Core;

use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\Source;
use Imbrex\Core\Survey\SurveyInput;

/** Makes jobs for tests: one plane, by outline or by readings. */
final class JobMaker
{
    public const EDGES = [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Ridge, EdgeKind::Rake];

    /** @param  array<string, float|string>  $rules */
    public static function rectangle(float $width, float $height, string|Profile $profile = 'snap-lock-1.5-16', ?LayoutChoice $choice = null, array $rules = [], float $rise = 4.0): Job
    {
        return self::job(new Plane('P1', 'Plane', Polygon::rectangle(0, 0, $width, $height), self::EDGES, [], $rise), $profile, $choice, $rules);
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @param  list<EdgeKind>  $edges
     */
    public static function outline(array $corners, array $edges = self::EDGES, string|Profile $profile = 'snap-lock-1.5-16', ?LayoutChoice $choice = null): Job
    {
        $outline = Polygon::of(array_map(static fn (array $c): Point => new Point($c[0], $c[1]), $corners));

        return self::job(new Plane('P1', 'Plane', $outline, $edges, [], 4.0), $profile, $choice);
    }

    /**
     * @param  list<Reading>  $readings
     * @param  array<string, float|string>  $rules
     */
    public static function measured(array $readings, array $rules = []): Job
    {
        return self::job(new Plane('P1', 'Plane', null, [], $readings, null), 'snap-lock-1.5-16', null, $rules);
    }

    /** @param  array<string, float|string>  $rules */
    public static function job(Plane $plane, string|Profile $profile, ?LayoutChoice $choice = null, array $rules = []): Job
    {
        return self::of([$plane], $profile, $choice === null ? [] : [$plane->id => $choice], $rules);
    }

    /**
     * @param  list<Plane>  $planes
     * @param  array<string, LayoutChoice>  $layouts
     * @param  array<string, float|string>  $rules
     * @param  list<Opening>  $openings
     */
    public static function of(array $planes, string|Profile $profile = 'snap-lock-1.5-16', array $layouts = [], array $rules = [], bool $vented = false, array $openings = []): Job
    {
        return Job::of('Test', UnitSystem::Imperial, self::covering($profile, HouseRules::with($rules), $vented), new SurveyInput($planes), new RoofInput(openings: $openings), new LayoutInput($layouts));
    }

    public static function covering(string|Profile $profile = 'snap-lock-1.5-16', ?RuleSet $rules = null, bool $vented = false): Covering
    {
        $catalogue = Catalogue::shipped();

        return new Covering(is_string($profile) ? $catalogue->profile($profile) : $profile, $catalogue->material('steel'), '24 ga', $vented, $rules ?? HouseRules::with([]));
    }

    public static function reading(Quantity $quantity, float $value, Source $source = Source::Tape, float $at = 0.5): Reading
    {
        static $number = 0;

        return new Reading('r'.++$number, $quantity, $value, $source, $at);
    }
}
