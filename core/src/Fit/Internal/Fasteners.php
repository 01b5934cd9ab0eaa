<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit\Internal;

use Imbrex\Core\Fit\Misfit;
use Imbrex\Core\Fit\MisfitKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\Roof\Face;

/** Whether what holds a face goes through what it should, and through nothing else. */
final readonly class Fasteners
{
    /** A screw wants so much metal (in) before the end of its sheet. */
    private const FROM_END = 0.375;

    /** Where a panel is fixed its bend is no nearer (in). */
    private const FROM_BEND = 0.75;

    /** What is nowhere longer (in) up the slope is a sliver. */
    private const SLIVER = 2.5;

    /** @param  list<Shape>  $pans  of valleys, as they lie on the face */
    public function __construct(private Face $face, private LaidPanels $panels, private array $pans)
    {
    }

    /** @return list<Misfit> */
    public function of(FaceHold $hold): array
    {
        $misfits = [];
        foreach ($hold->screws as $screw) {
            $in = $this->panels->panel($screw->panel)?->along($screw->u, $screw->v);
            if ($in !== null && $in < self::FROM_END - 1e-6) {
                $misfits[] = $this->misfit(MisfitKind::ScrewOff, $screw->panel, $screw->u, $screw->v, self::FROM_END - $in);
            }
        }
        foreach ($hold->clips as $clip) {
            $by = $this->off($clip);
            if ($by > 0.0) {
                $misfits[] = $this->misfit(MisfitKind::ClipOff, '', $clip->u, $clip->v, $by);
            }
        }
        foreach ($hold->fixed as $fixed) {
            $panel = $this->panels->panel($fixed->panel);
            foreach ($fixed->at as $at) {
                $in = $panel?->along($at->u, $at->v);
                // A sliver that is nowhere as long has no better place; of dust nothing lies there at all.
                if ($in !== null && $in < self::FROM_BEND - 1e-6 && ! ($in > 0.0 && $panel->isSliver(self::SLIVER))) {
                    $misfits[] = $this->misfit(MisfitKind::FixedOff, $fixed->panel, $at->u, $at->v, self::FROM_BEND - $in);
                }
            }
        }

        return $misfits;
    }

    /** How far (in) a clip stands off all metal beside it, or within a pan. */
    private function off(Clip $clip): float
    {
        $in = max([-INF, ...array_map(static fn (LaidPanel $panel): float => $panel->along($clip->u, $clip->v), $this->panels->beside($clip->u))]);
        $wet = max([0.0, ...array_map(static fn (Shape $pan): float => $pan->within($clip->u, $clip->v), $this->pans)]);

        return max(-$in, $wet > 1e-6 ? $wet : 0.0);
    }

    private function misfit(MisfitKind $kind, string $piece, float $u, float $v, float $by): Misfit
    {
        return new Misfit($kind, $this->face->id, '', $piece, new Point($u, $v), $by);
    }
}
