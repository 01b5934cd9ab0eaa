<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey\Internal;

use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Survey\Adoption;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\PlaneSurvey;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\Source;

/** The first stage: from readings to planes one can order by. */
final readonly class Surveyor
{
    /** @param  float  $pastEave  inches a panel reaches past the deck's edge at the eave: an old one is taken to do as the new one will */
    public function __construct(private RuleSet $rules, private float $pastEave = 0.0)
    {
    }

    /**
     * @param  list<Plane>  $planes
     * @return list<PlaneSurvey> in the same order
     */
    public function survey(array $planes): array
    {
        return array_map(fn (Plane $plane): PlaneSurvey => $this->plane($plane, $planes), $planes);
    }

    /** @param  list<Plane>  $planes */
    private function plane(Plane $plane, array $planes): PlaneSurvey
    {
        $readings = array_map(fn (Reading $r): Reading => $r->onDeck($this->pastEave), [...$plane->readings, ...$this->sharedRidge($plane, $planes)]);
        $adoptions = (new Adopter($this->rules))->adoptAll($readings);
        $lengths = array_values(array_filter($readings, static fn (Reading $r): bool => $r->quantity->isLength()));
        $closed = (new PlaneCloser($this->rules))->close($plane, $adoptions, $lengths);
        $rise = $plane->riseIn12 ?? ($adoptions[Quantity::Pitch->value] ?? null)?->value;
        $taped = $lengths === [] || array_filter($plane->readings, static fn (Reading $r): bool => $r->quantity->isLength() && $r->source->isTaped()) !== [];
        $report = (new SurveyReporter($this->rules))->on($plane, $adoptions, $closed, $rise, $taped);

        return new PlaneSurvey(
            plane: $plane,
            adoptions: $adoptions,
            riseIn12: $rise,
            outline: $closed->outline,
            squareness: $closed->squareness,
            misses: $closed->misses,
            culprit: $closed->culprit,
            lengthSigma: $this->sigma($adoptions, $closed),
            taped: $taped,
            tapeNext: $report->tapeNext,
            findings: $report->findings,
        );
    }

    /**
     * A ridge has one length, whichever of its two planes it was taped from.
     *
     * @param  list<Plane>  $planes
     * @return list<Reading>
     */
    private function sharedRidge(Plane $plane, array $planes): array
    {
        $shared = [];
        foreach ($planes as $other) {
            if ($other->id !== $plane->id && ($other->ridgeWith === $plane->id || $plane->ridgeWith === $other->id)) {
                foreach ($other->readings as $reading) {
                    if ($reading->quantity === Quantity::Ridge) {
                        $shared[] = $reading;
                    }
                }
            }
        }

        return $shared;
    }

    /**
     * Reading error of the length panels are ordered by: the source's tolerance taken as two deviations, and how
     * the readings of that source scatter besides.
     *
     * @param  array<string, Adoption>  $adoptions
     */
    private function sigma(array $adoptions, ClosedPlane $closed): float
    {
        $length = $adoptions[Quantity::EaveToRidge->value] ?? $adoptions[Quantity::LeftRake->value]
            ?? $adoptions[Quantity::RightRake->value] ?? null;
        if ($length === null) {
            return Source::Tape->tolerance($closed->outline?->bounds()->height() ?? 0.0, $this->rules) / 2.0;
        }
        $values = array_map(static fn (Reading $r): float => $r->value, $length->deciding());
        $mean = array_sum($values) / max(1, count($values));
        $squares = array_sum(array_map(static fn (float $v): float => ($v - $mean) ** 2, $values));
        $scatter = count($values) > 1 ? $squares / (count($values) - 1) : 0.0;

        return sqrt($scatter + ($length->source->tolerance($length->value, $this->rules) / 2.0) ** 2);
    }
}
