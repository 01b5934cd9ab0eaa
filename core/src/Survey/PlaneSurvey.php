<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Polygon;

/** What the readings of one plane come to. */
final readonly class PlaneSurvey
{
    /**
     * @param  array<string, Adoption>  $adoptions  by what was measured
     * @param  float|null  $riseIn12  adopted pitch
     * @param  Polygon|null  $outline  the true face in inches; null while readings are wanting
     * @param  list<Miss>  $misses  of every length against the closed plane
     * @param  float  $lengthSigma  standard deviation of the eave-to-ridge length, inches
     * @param  list<string>  $tapeNext  what to measure, or measure again, the most pressing first
     * @param  list<Finding>  $findings
     */
    public function __construct(
        public Plane $plane,
        public array $adoptions,
        public ?float $riseIn12,
        public ?Polygon $outline,
        public ?Squareness $squareness,
        public array $misses,
        public ?Reading $culprit,
        public float $lengthSigma,
        public bool $taped,
        public array $tapeNext,
        public array $findings,
    ) {
    }
}
