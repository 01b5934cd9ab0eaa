<?php

declare(strict_types=1);

namespace Tests\Core\Edges;

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\BuildBook;
use Imbrex\Core\Builds\EdgeBuild;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Edges\Internal\SectionPath;
use Imbrex\Core\Edges\Section;
use Imbrex\Core\HouseRules;
use Tests\Core\JobMaker;

/** Sections of the builds that ship, at a pitch of 6 in 12, for tests. */
final class ShippedSections
{
    private const PROFILES = ['seam' => 'snap-lock-1.5-16', 'cap' => 'cap-seam-1.375-16', 'screwed' => 'rib-9-36'];

    /** @return iterable<string, array{string}> */
    public static function keys(): iterable
    {
        foreach (BuildBook::shipped()->all() as $build) {
            yield $build->name() => [$build->name()];
        }
    }

    public static function build(string $name): Build
    {
        return BuildBook::shipped()->build($name) ?? throw new \LogicException($name);
    }

    /** @param  list<Layer>|null  $layers  others than the build's own */
    public static function of(string $name, ?array $layers = null, float $degrees = 26.565): Section
    {
        $build = self::build($name);
        $fixing = $build->fixings[0];
        $own = new EdgeBuild($build->edge, JobMaker::covering(self::PROFILES[$fixing->value], HouseRules::with([]), $build->vented), null, $build);
        $sizes = $own->sizes($degrees, $degrees / 2.0);

        return Section::of(SectionPath::of($build->edge, $degrees, $degrees / 2.0, $sizes->hem > 0.0 ? $sizes->hem : $sizes->rib), $layers ?? $build->layers, $sizes);
    }
}
