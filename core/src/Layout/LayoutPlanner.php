<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Layout\Internal\Balanced;
use Imbrex\Core\Layout\Internal\CentreLine;
use Imbrex\Core\Layout\Internal\ControlPoint;
use Imbrex\Core\Layout\Internal\FoundLine;
use Imbrex\Core\Layout\Internal\OneEnd;
use Imbrex\Core\Layout\Internal\Span;
use Imbrex\Core\Layout\Internal\StripGrid;
use Imbrex\Core\Layout\Internal\WayToStart;
use Imbrex\Core\Roof\Face;

/** Lays panels out on one face: the metal's span, the module lines of the way to start, the rips that remain. */
final readonly class LayoutPlanner
{
    private Profile $profile;

    public function __construct(private Builds $builds)
    {
        $this->profile = $builds->covering->profile;
    }

    /** u of a module line by this choice on a face whose metal spans so much, its nudge included; inches. */
    public function moduleLine(Span $span, LayoutChoice $choice): float
    {
        return $this->wayToStart($choice, $span)->moduleLine($span, $this->profile->cover) + $choice->nudge;
    }

    /** @param  LayoutChoice  $choice  a decided one: what was left to the search says where it put the seams */
    public function lay(Face $face, LayoutChoice $choice): FaceLayout
    {
        $metal = MovedFace::metal($face, $this->builds);
        $span = $metal->span();
        $way = $this->wayToStart($choice, $span);
        $cover = $this->profile->cover;
        $strips = $this->strips($span, $way->moduleLine($span, $cover) + $choice->nudge);
        $seams = [];
        foreach ($strips as $i => $strip) {
            if ($i > 0) {
                $seams[] = $strip->left;
            }
        }
        $first = $strips[0];
        $last = $strips[count($strips) - 1];
        $narrowest = $this->profile->narrowestRip($this->builds->covering->rules);
        $leftRip = $first->left - $first->moduleLeft < Tolerance::ON_LINE || ! $this->endsAtRake($metal, $first, true) ? null : $first->width();
        $rightRip = $last->moduleRight() - $last->right < Tolerance::ON_LINE || ! $this->endsAtRake($metal, $last, false) ? null : $last->width();

        return new FaceLayout(
            face: $face->id,
            choice: $choice,
            span: $span,
            strips: $strips,
            seams: $seams,
            control: $way->controlLine($span, $cover) + $choice->nudge,
            leftRip: $leftRip,
            rightRip: $rightRip,
            narrowestAllowed: $narrowest,
            findings: $this->findings($face, $choice, $leftRip, $rightRip, $narrowest),
        );
    }

    /** Whether a face ends beside a panel there; at a hip or a valley it runs to a point, and nothing is ripped. */
    private function endsAtRake(MovedFace $metal, Strip $strip, bool $left): bool
    {
        foreach ($metal->edges() as $edge) {
            if ($edge->side->isBeside() && $edge->isLeftSide() === $left && $edge->right() > $strip->left - Tolerance::ON_LINE && $edge->left() < $strip->right + Tolerance::ON_LINE) {
                return true;
            }
        }

        return false;
    }

    private function wayToStart(LayoutChoice $choice, Span $span): WayToStart
    {
        return match ($choice->start) {
            StartKind::Balanced => new Balanced,
            StartKind::OneEnd => new OneEnd($choice->fromLeft ?? $this->profile->hand->runsLeftToRight()),
            StartKind::CentreSeam => new CentreLine(true),
            StartKind::CentrePan => new CentreLine(false),
            StartKind::ControlPoint => new ControlPoint($choice->at ?? $span->middle(), $choice->asSeam),
            StartKind::Found => new FoundLine($choice->at ?? $span->middle()),
        };
    }

    /** @return non-empty-list<Strip> */
    private function strips(Span $span, float $moduleLine): array
    {
        $grid = StripGrid::over($span, $this->profile->cover, $moduleLine);

        return array_map(function (int $position) use ($grid, $span): Strip {
            $left = $grid->start + ($position - 1) * $grid->cover;

            return new Strip(
                $position,
                $this->profile->hand->runsLeftToRight() ? $position : $grid->count + 1 - $position,
                $left,
                $grid->cover,
                max($left, $span->left),
                min($left + $grid->cover, $span->right),
            );
        }, range(1, $grid->count));
    }

    /** @return list<Finding> */
    private function findings(Face $face, LayoutChoice $choice, ?float $leftRip, ?float $rightRip, float $least): array
    {
        $findings = [];
        foreach (['left' => $leftRip, 'right' => $rightRip] as $side => $rip) {
            if ($rip !== null && $rip < $least - Tolerance::LENGTH) {
                $findings[] = Finding::settle('layout.rip-narrow', $face->id, [
                    'side' => $side,
                    'rip' => Length::ofInches($rip),
                    'least' => Length::ofInches($least),
                ]);
            }
        }
        if ($face->pitch->riseIn12 < $this->profile->leastPitch - Tolerance::LENGTH) {
            $findings[] = Finding::block('layout.pitch-below-least', $face->id, [
                'rise' => Amount::pitch($face->pitch->riseIn12),
                'least' => Amount::pitch($this->profile->leastPitch),
                'profile' => $this->profile->key,
            ]);
        }
        $startsWithHand = match ($choice->start) {
            StartKind::CentreSeam, StartKind::CentrePan => false,
            StartKind::OneEnd => $choice->fromLeft === null || $choice->fromLeft === $this->profile->hand->runsLeftToRight(),
            default => true,
        };
        if (! $startsWithHand && $this->profile->family->isConcealed() && ! $this->profile->family->hasEqualLegs()) {
            $findings[] = Finding::note('layout.one-way', $face->id, [
                'direction' => $this->profile->hand->runsLeftToRight() ? 'rightwards' : 'leftwards',
            ]);
        }

        return $findings;
    }
}
