<?php

declare(strict_types=1);

namespace App\Stations\Cutting;

use App\Exports\Pdf;
use App\Stations\Edition;
use App\Stations\Wire;
use App\Words\Words;
use Imbrex\Core\Builds\EdgeBuild;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Plan;

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
            'back' => $rules->number('cut.notchBack'),
            'tab' => $rules->number('cut.notchTab'),
            'hem' => $this->hem($plan),
        ]);
    }

    private function hem(Plan $plan): float
    {
        return (new EdgeBuild(EdgeKind::Eave, $plan->job->covering))->allowance(true)->hem;
    }
}
