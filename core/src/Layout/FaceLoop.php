<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Catalogue\EdgeAllowance;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Rules\RuleSet;

/** One loop metal ends at: the face's outline, a hole in it, or something that comes through it. Metal lies to the left of every side. */
final readonly class FaceLoop
{
    /**
     * @param  list<EdgeKind>  $kinds  of side i
     * @param  list<EdgeAllowance>  $allowances  what the detail of side i asks
     */
    private function __construct(public Polygon $outline, public array $kinds, public array $allowances)
    {
    }

    /** @return list<self> the outline, then the holes, then the openings that part panels */
    public static function of(Face $face, Profile $profile, bool $vented, RuleSet $rules): array
    {
        $quick = $rules->choice('cut.hemSchool') === 'quick';
        $loops = [];
        foreach ($face->region()->loops() as $number => $outline) {
            $kinds = $face->edgesOfLoop($number);
            $allowances = [];
            foreach ($kinds as $side => $kind) {
                // Metal lies to the left of a side, so one that runs to the right is at the panels' low end.
                $across = $outline->corner($side + 1)->u - $outline->corner($side)->u;
                $allowance = EdgeAllowance::of($kind, $profile->family, $vented, $rules, $across > 0.0);
                // The quick habit lays the hem along the rib; square to the bend that is less by the sine of their angle.
                $allowances[] = $quick && ! $kind->runsUpSlope() ? $allowance->hemmed($allowance->hem * abs($across) / $outline->sideLength($side)) : $allowance;
            }
            $loops[] = new self($outline, $kinds, $allowances);
        }
        foreach ($face->openings as $opening) {
            if ($opening->kind->partsPanels()) {
                $loops[] = self::round($opening, $profile, $rules);
            }
        }

        return $loops;
    }

    private static function round(Opening $opening, Profile $profile, RuleSet $rules): self
    {
        $n = count($opening->outline->corners);
        $allowances = [];
        for ($side = 0; $side < $n; $side++) {
            // Turned clockwise, side i of the loop is side n − 2 − i of the outline.
            $allowances[] = EdgeAllowance::clear($opening->clearance((2 * $n - 2 - $side) % $n, $profile->family, $rules));
        }

        return new self(Polygon::sound(array_reverse($opening->outline->corners)), array_fill(0, $n, EdgeKind::Opening), $allowances);
    }
}
