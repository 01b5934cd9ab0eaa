<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Cutting\InAll;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Roof\Face;

/** Panels that cannot be made, carried or held as they are, and those parted so that they can. */
final readonly class CutReport
{
    public function __construct(private Covering $covering)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<Finding>
     */
    public function on(Face $face, array $panels, Pairing $pairing): array
    {
        $lengths = array_map(static fn (Panel $p): float => $p->orderLength, $panels);
        $long = array_filter($lengths, fn (float $l): bool => $l > $this->covering->profile->longest + Tolerance::LENGTH);
        $alone = array_map(static fn (Panel $p): float => $p->orderLength, array_filter($panels, static fn (Panel $p): bool => $pairing->of($p->id) === null));
        $short = array_filter($alone, fn (float $l): bool => $l < $this->covering->profile->shortest - Tolerance::LENGTH);
        $lapped = array_unique(array_map(static fn (Panel $p): int => $p->strip->position, array_filter($panels, static fn (Panel $p): bool => $p->lapsOver)));
        $findings = [];
        if ($long !== []) {
            $findings[] = Finding::settle('cut.over-long', $face->id, ['panels' => count($long), 'length' => Length::ofInches(max($long)), 'limit' => Length::ofInches($this->covering->profile->longest)]);
        }
        if ($short !== []) {
            $findings[] = Finding::settle('cut.under-short', $face->id, ['panels' => count($short), 'length' => Length::ofInches(min($short)), 'limit' => Length::ofInches($this->covering->profile->shortest)]);
        }
        if ($lapped !== []) {
            $findings[] = Finding::note('cut.end-lapped', $face->id, ['panels' => count($lapped), 'lap' => Length::ofInches((new EndLaps($this->covering))->lap($face)), 'limit' => Length::ofInches($this->covering->profile->longest)]);
        }

        return [...$findings, ...$this->laps($face, $panels), ...$this->tips($face, $panels)];
    }

    /**
     * Where so much in all on the taped length leaves nothing to spare.
     *
     * @return list<Finding>
     */
    public function inAll(Face $face, InAll $inAll): array
    {
        $spare = $inAll->spare();

        return $spare > Tolerance::LENGTH ? [] : [Finding::settle('cut.nothing-to-spare', $face->id, [
            'added' => Length::ofInches($inAll->added),
            'taken' => Length::ofInches($inAll->added - $spare),
            'short' => Length::ofInches(max(0.0, -$spare)),
            'is' => $spare < -Tolerance::LENGTH ? 'short' : 'bare',
        ])];
    }

    /**
     * Laps nearer to an opening than the house rule wants.
     *
     * @param  list<Panel>  $panels
     * @return list<Finding>
     */
    private function laps(Face $face, array $panels): array
    {
        $clear = $this->covering->rules->number('cut.endLapClear');
        $findings = [];
        foreach (array_filter($panels, static fn (Panel $p): bool => $p->lapsOver) as $panel) {
            $lap = $panel->metal->bounds();
            foreach ($face->openings as $opening) {
                $round = $opening->outline->bounds();
                $beside = $round->left - $clear < $lap->right - Tolerance::LENGTH && $round->right + $clear > $lap->left + Tolerance::LENGTH;
                if ($beside && $lap->bottom < $round->top + $clear - Tolerance::LENGTH && $lap->bottom > $round->bottom - $clear + Tolerance::LENGTH) {
                    $findings[] = Finding::settle('cut.lap-near-opening', $face->id, ['piece' => $face->pieceName($panel->id), 'opening' => $opening->name, 'clear' => Length::ofInches($clear)]);
                }
            }
        }

        return $findings;
    }

    /**
     * Pieces that run out to a tip too small to hold, with the nudge that makes it larger or takes it away.
     *
     * @param  list<Panel>  $panels
     * @return list<Finding>
     */
    private function tips(Face $face, array $panels): array
    {
        $least = $this->covering->rules->number('cut.leastTip');
        $findings = [];
        foreach ($panels as $panel) {
            $metal = $panel->metal->bounds();
            if ($panel->rip !== null || min($metal->width(), $metal->height()) >= $least - Tolerance::LENGTH) {
                continue;
            }
            $atLeft = $metal->left > $panel->strip->moduleLeft + Tolerance::LENGTH;
            $grow = $least - $metal->width();
            $findings[] = Finding::settle('cut.tip-small', $face->id, [
                'piece' => $face->pieceName($panel->id),
                'width' => Length::ofInches($metal->width()),
                'height' => Length::ofInches($metal->height()),
                'least' => Length::ofInches($least),
                // The seam beside the tip is moved away from it until the tip is large enough, or onto its point.
                'nudge' => Length::ofInches($grow > 0.0 ? min($grow, $metal->width()) : 0.0),
                'direction' => ($grow <= $metal->width()) === $atLeft ? 'right' : 'left',
                'mend' => $grow > 0.0 && $metal->width() < $panel->strip->cover - Tolerance::LENGTH ? 'nudge' : 'flat',
            ]);
        }

        return $findings;
    }
}
