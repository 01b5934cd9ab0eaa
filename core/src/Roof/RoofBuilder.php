<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Roof\Internal\BlockRoofBuilder;
use Imbrex\Core\Roof\Internal\CricketBuilder;
use Imbrex\Core\Roof\Internal\OpeningPlacer;
use Imbrex\Core\Roof\Internal\PlaneRoofBuilder;
use Imbrex\Core\Survey\PlaneSurvey;

/** The second stage: faces and edges, from blocks, from measured planes, or from both. */
final readonly class RoofBuilder
{
    /** Measured planes nobody tied to the blocks are drawn this far (in) east of them. */
    private const APART = 120.0;

    public function __construct(private RuleSet $rules)
    {
    }

    /**
     * @param  list<PlaneSurvey>  $surveys
     * @param  list<Block>  $blocks
     * @param  list<Opening>  $openings
     */
    public function build(array $surveys, array $blocks, array $openings = []): Roof
    {
        $built = (new BlockRoofBuilder($this->rules))->build($blocks);
        $ends = array_map(static fn (Block $block): float => $block->footprint()->bounds()->right + self::APART, $blocks);

        $roof = $built->with((new PlaneRoofBuilder($this->rules))->build($surveys, $ends === [] ? 0.0 : max($ends)));

        return (new CricketBuilder)->build((new OpeningPlacer)->place($roof, $openings));
    }
}
