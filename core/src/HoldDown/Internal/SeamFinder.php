<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\HoldDown\Seam;

/** The seams of a face that stand in clips: every panel's held leg, as far as it is not cut off. */
final readonly class SeamFinder
{
    /** Beside the line (in), where the panel is. */
    private const INSIDE = 0.01;

    public function __construct(private Profile $profile)
    {
    }

    /**
     * @param  list<Panel>  $panels  of one face, from the left
     * @return list<Seam>
     */
    public function of(array $panels): array
    {
        // The male leg is held; of two legs alike the right one, for each seam is there once.
        $isRight = $this->profile->hand !== Hand::FemaleRight;
        $strips = [];
        foreach ($panels as $panel) {
            $strips[$panel->strip->position][] = $panel;
        }
        $seams = [];
        $positions = array_keys($strips);
        $last = $positions === [] ? 0 : max($positions);
        foreach ($strips as $position => $pieces) {
            $strip = $pieces[0]->strip;
            $u = $isRight ? $strip->moduleRight() : $strip->moduleLeft;
            $across = $strips[$position + ($isRight ? 1 : -1)] ?? [];
            $own = $isRight ? -self::INSIDE : self::INSIDE;
            $beyond = MetalUp::at($across, $u - $own);
            $stretches = [];
            foreach ($pieces as $piece) {
                // A leg cut off along a part of its panel (a wall that begins beside it, a rake, an opening) stands where the next panel lies.
                $isCut = $isRight ? $piece->cutRight : $piece->cutLeft;
                array_push($stretches, ...($isCut ? MetalUp::both($piece->upAt($u + $own), $beyond) : $piece->upAt($u + $own)));
            }
            if ($stretches !== []) {
                $beside = $across[0] ?? null;
                $seams[] = new Seam($pieces[0]->face, count($seams) + 1, $u, MetalUp::joined($stretches), ($strip->width() + ($beside?->strip->width() ?? 0.0)) / 2.0, min($position, $last - $position + 1));
            }
        }

        return $seams;
    }
}
