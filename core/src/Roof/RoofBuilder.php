<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Rules\RuleSet;
use Imbrex\Core\Survey\PlaneSurvey;
use Imbrex\Core\Units\Length;
use Imbrex\Core\Units\Pitch;

/** Makes faces of measured planes and checks that neighbours agree on the edge they share. */
final readonly class RoofBuilder
{
    /** Sides of a plane that came from readings: from the low left corner, counter-clockwise. */
    private const MEASURED_EDGES = [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Ridge, EdgeKind::Rake];

    public function __construct(private RuleSet $rules)
    {
    }

    /** @param  list<PlaneSurvey>  $surveys */
    public function build(array $surveys): Roof
    {
        $faces = [];
        foreach ($surveys as $survey) {
            if ($survey->outline !== null && $survey->riseIn12 !== null) {
                $plane = $survey->plane;
                $edges = $plane->edges === [] ? self::MEASURED_EDGES : $plane->edges;
                $faces[] = new Face($plane->id, $plane->name, Pitch::ofRise($survey->riseIn12), $survey->outline, $edges);
            }
        }
        $roof = new Roof($faces, []);

        return new Roof($faces, $this->sharedRidges($roof, $surveys));
    }

    /**
     * @param  list<PlaneSurvey>  $surveys
     * @return list<Finding>
     */
    private function sharedRidges(Roof $roof, array $surveys): array
    {
        $findings = [];
        foreach ($surveys as $survey) {
            $one = $roof->face($survey->plane->id);
            $other = $survey->plane->ridgeWith === null ? null : $roof->face($survey->plane->ridgeWith);
            if ($one === null || $other === null) {
                continue;
            }
            $miss = $one->lengthOf(EdgeKind::Ridge) - $other->lengthOf(EdgeKind::Ridge);
            if (abs($miss) > $this->rules->number('survey.miss')) {
                $findings[] = Finding::settle('roof.ridges-differ', $one->id, [
                    'plane' => $one->name,
                    'other' => $other->name,
                    'miss' => Length::ofInches(abs($miss)),
                    'length' => Length::ofInches($one->lengthOf(EdgeKind::Ridge)),
                    'otherLength' => Length::ofInches($other->lengthOf(EdgeKind::Ridge)),
                ]);
            }
        }

        return $findings;
    }
}
