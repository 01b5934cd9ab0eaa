<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit\Internal;

use Imbrex\Core\Cutting\CuttingResult;
use Imbrex\Core\Fit\Misfit;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Roof\Roof;

/** Tells misfits: of several of a kind on one face the worst, and how many more there are. */
final readonly class MisfitFindings
{
    public function __construct(private Roof $roof, private CuttingResult $cutting)
    {
    }

    /**
     * @param  list<Misfit>  $misfits
     * @return list<Finding>
     */
    public function of(array $misfits): array
    {
        $told = [];
        foreach ($misfits as $misfit) {
            $told["{$misfit->kind->value} $misfit->face $misfit->edge"][] = $misfit;
        }

        return array_values(array_map($this->finding(...), $told));
    }

    /** @param  non-empty-list<Misfit>  $alike */
    private function finding(array $alike): Finding
    {
        usort($alike, static fn (Misfit $a, Misfit $b): int => $b->by <=> $a->by);
        $worst = $alike[0];

        return Finding::settle("fit.{$worst->kind->value}", $worst->edge !== '' ? $worst->edge : $worst->face, [
            'face' => $this->roof->face($worst->face)->name ?? $worst->face,
            'piece' => $this->cutting->name($worst->piece),
            'up' => Length::ofInches($worst->at->v),
            'across' => Length::ofInches($worst->at->u),
            'by' => is_finite($worst->by) ? Length::ofInches($worst->by) : '',
            'more' => count($alike) - 1,
        ]);
    }
}
