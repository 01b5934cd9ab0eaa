<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Cutting\EaveEnd;
use Imbrex\Core\Cutting\Leg;
use Imbrex\Core\Cutting\SeamEnd;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Plan;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\Pdf;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** The eave notch of the job's profile, full size on paper, with rulers to check the printer's scale. Screw-down sheets have none. */
final readonly class NotchTemplate
{
    public function __construct(private Pdf $pdf, private Words $words)
    {
    }

    /** Whether there is a notch: seams that stand, and a hem they are cut back for. */
    public function isNotched(Plan $plan): bool
    {
        return $plan->job->covering->profile->family->isConcealed() && $this->hem($plan) > 0.0;
    }

    public function pdf(Edition $edition): ?string
    {
        $plan = $edition->plan();
        $system = $plan->job->covering;
        $rules = $plan->job->rules;
        if (! $this->isNotched($plan)) {
            return null;
        }

        return $this->pdf->print('print.notch-template', $edition, [
            'words' => $this->words,
            'tape' => Wire::tape($plan)->inInches(),
            'profile' => $system->profile,
            'said' => $this->said($plan),
            'legs' => $this->legs($plan),
            'hem' => $this->hem($plan),
        ]);
    }

    private function hem(Plan $plan): float
    {
        return $plan->of(BuildsStage::class)->build(EdgeKind::Eave, null, INF)->allowance(true)->hem;
    }

    /** How the seam's end is closed, in the words of the school. */
    private function said(Plan $plan): string
    {
        $tape = Wire::tape($plan)->inInches();
        $covering = $plan->job->covering;
        $end = EaveEnd::of($covering);
        $female = $end->seam(Leg::Female, $covering->profile, $covering->rules);

        return $this->words->say("notch.school.$end->value", [
            'back' => $tape->print($female->back), 'tab' => $tape->print($female->tab), 'radius' => $tape->print($female->radius),
            'male' => $tape->print($end->seam(Leg::Male, $covering->profile, $covering->rules)->back), 'past' => $tape->print($covering->rules->number('cut.capPast')),
        ]);
    }

    /** @return array{left: array{SeamEnd, string}, right: array{SeamEnd, string}} what is cut of the two legs, and what they are called; seen face up */
    private function legs(Plan $plan): array
    {
        $covering = $plan->job->covering;
        $profile = $covering->profile;
        $told = ! $profile->family->hasEqualLegs() && $profile->hand !== Hand::Either;
        $leg = static fn (bool $left): ?Leg => ! $told ? null : (($profile->hand === Hand::FemaleLeft) === $left ? Leg::Female : Leg::Male);
        $of = fn (bool $left): array => [
            EaveEnd::of($covering)->seam($leg($left), $profile, $covering->rules),
            $this->words->say($leg($left) === null ? ($left ? 'notch.left-leg' : 'notch.right-leg') : 'cuts.leg.'.$leg($left)->value),
        ];

        return ['left' => $of(true), 'right' => $of(false)];
    }
}
