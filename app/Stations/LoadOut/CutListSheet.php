<?php

declare(strict_types=1);

namespace App\Stations\LoadOut;

use App\Exports\PanelRange;
use App\Exports\Pdf;
use App\Stations\Edition;
use App\Stations\Wire;
use App\Words\Words;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\LoadOut\LoadOutStage;

/** The order as a printed sheet. */
final readonly class CutListSheet
{
    public function __construct(private Pdf $pdf, private Words $words)
    {
    }

    public function pdf(Edition $edition): string
    {
        return $this->pdf->print('print.cut-list', $edition, $this->data($edition));
    }

    /** @return array<string, mixed> what the sheet shows */
    public function data(Edition $edition): array
    {
        $plan = $edition->plan();
        $tape = Wire::tape($plan);
        $cutting = $plan->of(CuttingStage::class);

        return [
            'order' => $plan->of(LoadOutStage::class)->order,
            'words' => $this->words,
            'tape' => $tape,
            'ranges' => /** @param  list<string>  $ids */ static fn (array $ids): string => PanelRange::inWords($cutting->names(array_values($ids))),
            'findings' => array_map(fn (Finding $finding): string => $this->words->finding($finding, $tape), LoadOutSlice::standing($plan)),
        ];
    }
}
