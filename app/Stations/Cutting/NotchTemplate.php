<?php

declare(strict_types=1);

namespace App\Stations\Cutting;

use App\Exports\Pdf;
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

    public function pdf(Plan $plan): ?string
    {
        $system = $plan->job->covering;
        $rules = $plan->job->rules;
        if (! $system->profile->family->isConcealed()) {
            return null;
        }

        return $this->pdf->print('print.notch-template', [
            'plan' => $plan,
            'words' => $this->words,
            'tape' => Wire::tape($plan)->inInches(),
            'profile' => $system->profile,
            'back' => $rules->number('cut.notchBack'),
            'tab' => $rules->number('cut.notchTab'),
            'hem' => (new EdgeBuild(EdgeKind::Eave, $system))->allowance(true)->hem,
        ]);
    }
}
