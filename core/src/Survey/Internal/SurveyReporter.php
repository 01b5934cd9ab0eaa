<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey\Internal;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Survey\Adoption;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\ShapeKind;

/** What is to settle about a plane's readings, and what to tape next. */
final readonly class SurveyReporter
{
    public function __construct(private RuleSet $rules)
    {
    }

    /** @param  array<string, Adoption>  $adoptions */
    public function on(Plane $plane, array $adoptions, ClosedPlane $closed, ?float $rise, bool $taped): SurveyReport
    {
        $findings = [];
        $next = $this->missing($plane, $adoptions, $rise);
        $running = array_values(array_filter($next, static fn (string $name): bool => str_contains($name, '-')));
        foreach (array_diff($next, $running) as $quantity) {
            $findings[] = Finding::block('survey.missing', $plane->id, $this->named($plane, $quantity));
        }
        if ($running !== []) {
            $findings[] = Finding::block('survey.corners-missing', $plane->id, ['count' => count($running), ...$this->named($plane, $running[0])]);
        }
        if (! $taped) {
            $findings[] = Finding::block('survey.untaped', $plane->id);
            $next[] = Quantity::EaveToRidge->value;
        }
        foreach ($adoptions as $adoption) {
            $own = $this->adoption($plane, $adoption);
            array_push($findings, ...$own);
            if (array_filter($own, static fn (Finding $f): bool => $f->code !== 'survey.disagrees') !== []) {
                $next[] = $adoption->name();
            }
        }
        array_push($findings, ...$this->rakes($plane, $adoptions), ...$this->closure($plane, $closed), ...$this->deck($plane));
        if ($closed->culprit !== null) {
            $next[] = $closed->culprit->name();
        }
        if ($plane->shape === ShapeKind::Rectangle && $plane->readings !== [] && $closed->outline !== null && $closed->squareness === null) {
            $findings[] = Finding::note('survey.squareness-unknown', $plane->id);
            foreach ([Quantity::DiagonalRight, Quantity::DiagonalLeft] as $diagonal) {
                if (! isset($adoptions[$diagonal->value])) {
                    $next[] = $diagonal->value;
                }
            }
        }

        return new SurveyReport($findings, array_values(array_unique($next)));
    }

    /**
     * @param  array<string, Adoption>  $adoptions
     * @return list<string>
     */
    private function missing(Plane $plane, array $adoptions, ?float $rise): array
    {
        $missing = $plane->outline === null ? (new ShapeStart($plane, $adoptions))->missing() : [];
        if ($rise === null) {
            $missing[] = Quantity::Pitch->value;
        }

        return $missing;
    }

    /** @return array{quantity: string, corner: string} the parameters that name a reading in words */
    private function named(Plane $plane, string $name): array
    {
        $parts = explode('-', $name);
        // A hip end has sides, not rakes.
        if ($plane->shape === ShapeKind::Trapezoid || $plane->shape === ShapeKind::Triangle) {
            $parts[0] = str_replace('Rake', 'Side', $parts[0]);
        }

        return ['quantity' => $parts[0], 'corner' => implode('', array_map(static fn (string $n): string => chr(ord('A') + (int) $n), array_slice($parts, 1)))];
    }

    /** @return list<Finding> */
    private function adoption(Plane $plane, Adoption $adoption): array
    {
        $findings = [];
        $isLength = $adoption->quantity !== Quantity::Pitch;
        $read = [$adoption->value, ...array_map(static fn (Reading $reading): float => $reading->value, $adoption->deciding())];
        $limit = $this->rules->number($isLength ? 'survey.spread' : 'survey.pitchSpread');
        if ($adoption->spread > $limit + Tolerance::LENGTH) {
            $findings[] = $isLength
                ? Finding::settle('survey.spread', $plane->id, [...$this->named($plane, $adoption->name()), 'spread' => Length::ofInches($adoption->spread), 'limit' => Length::ofInches($limit)])
                : Finding::settle('survey.pitch-spread', $plane->id, ['low' => Amount::pitch(min($read)), 'high' => Amount::pitch(max($read))]);
        }
        foreach ($adoption->comparisons as $comparison) {
            $worse = $comparison->reading->source->rank() > $adoption->source->rank();
            if ($isLength && $worse && ! $comparison->agrees) {
                $findings[] = Finding::note('survey.disagrees', $plane->id, [
                    ...$this->named($plane, $adoption->name()),
                    'source' => $comparison->reading->source->value,
                    'miss' => Length::ofInches(abs($comparison->miss)),
                    'percent' => round(abs($comparison->miss) / max(1.0, abs($adoption->value)) * 100.0, 1),
                    'side' => $comparison->miss > 0 ? 'over' : 'under',
                ]);
            }
        }

        return $findings;
    }

    /**
     * Rakes longer than the middle: panels are ordered by the longest, and it is worth another look.
     *
     * @param  array<string, Adoption>  $adoptions
     * @return list<Finding>
     */
    private function rakes(Plane $plane, array $adoptions): array
    {
        $middle = $adoptions[Quantity::EaveToRidge->value] ?? null;
        $findings = [];
        if ($plane->shape !== ShapeKind::Rectangle || $middle === null) {
            return [];
        }
        foreach ([Quantity::LeftRake, Quantity::RightRake] as $rake) {
            $longest = max([0.0, ...array_map(static fn (Reading $r): float => $r->value, ($adoptions[$rake->value] ?? null)?->deciding() ?? [])]);
            if ($longest - $middle->value > $this->rules->number('survey.spread') + Tolerance::LENGTH) {
                $findings[] = Finding::settle('survey.rake-longer', $plane->id, [
                    ...$this->named($plane, $rake->value), 'value' => Length::ofInches($longest), 'over' => Length::ofInches($longest - $middle->value),
                ]);
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function closure(Plane $plane, ClosedPlane $closed): array
    {
        $findings = [];
        if ($closed->culprit !== null) {
            $miss = 0.0;
            foreach ($closed->misses as $found) {
                $miss = $found->reading === $closed->culprit ? $found->inches : $miss;
            }
            $findings[] = Finding::settle('survey.culprit', $plane->id, [
                ...$this->named($plane, $closed->culprit->name()),
                'value' => Length::ofInches($closed->culprit->value),
                'miss' => Length::ofInches(abs($miss)),
                'side' => $miss > 0 ? 'over' : 'under',
            ]);
        }
        $square = $closed->squareness;
        if ($square !== null) {
            $most = max(abs($square->left), abs($square->right), abs($square->ridgeRise));
            $parameters = ['runOut' => Length::ofInches($most), 'limit' => Length::ofInches($this->rules->number('survey.hiddenUnderRake'))];
            if (! $square->hidden) {
                $findings[] = Finding::settle('survey.out-of-square', $plane->id, $parameters);
            } elseif ($most >= 1 / 8) {
                $findings[] = Finding::note('survey.hidden-under-rake', $plane->id, $parameters);
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function deck(Plane $plane): array
    {
        $allowed = $this->rules->number('survey.layersAllowed');
        if ($plane->roofOver && $plane->oldLayers >= $allowed) {
            return [Finding::settle('survey.too-many-layers', $plane->id, ['layers' => $plane->oldLayers, 'allowed' => (int) $allowed])];
        }

        return [];
    }
}
