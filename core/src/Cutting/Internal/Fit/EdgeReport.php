<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal\Fit;

use Imbrex\Core\Cutting\Fit\EdgeFits;
use Imbrex\Core\Cutting\Fit\FittedLine;
use Imbrex\Core\Cutting\Fit\LineFit;
use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\Cutting\Fit\SideTaped;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\Finder\Tie;
use Imbrex\Core\Layout\LayoutResult;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;

/** What is to be said about fitted lines: readings that cannot be meant, seams that no longer meet, metal that no longer reaches. */
final readonly class EdgeReport
{
    /** Seams that come out nearer to each other (in) look like one. */
    private const SEEN = 1.0 / 16.0;

    private const FOOT = 12.0;

    public function __construct(private Roof $roof, private LayoutResult $layouts)
    {
    }

    /**
     * @param  array<string, MovedFace>  $metal  by face: where the metal of faces with fitted lines has to reach
     * @return list<Finding>
     */
    public function on(EdgeFits $fits, array $metal): array
    {
        $findings = array_map(fn (Observation $astray): Finding => Finding::settle('fit.astray', $astray->face, $this->named($astray)), $fits->astray);
        foreach ($fits->lines as $edge => $fitted) {
            foreach ($fitted->marks as $mark) {
                $id = $mark->observation->id;
                if (isset($fitted->apart[$id])) {
                    $findings[] = Finding::settle('fit.apart', $mark->observation->face, [...$this->named($mark->observation), ...self::off($fitted->misses[$id]), 'about' => self::about($fitted->misses[$id])]);
                } elseif ($fitted->likeliestWrong === $id) {
                    $findings[] = Finding::settle('fit.likely-wrong', $mark->observation->face, [...$this->named($mark->observation), ...self::off($fitted->misses[$id]), 'marks' => count($fitted->used())]);
                }
            }
            array_push($findings, ...$this->seams($edge, $fitted));
        }
        foreach ($this->roof->faces as $face) {
            if ($fits->isTurnedRound($face)) {
                $findings[] = Finding::block('fit.turned-round', $face->id);
            } elseif (isset($metal[$face->id])) {
                array_push($findings, ...$this->bare($face, $metal[$face->id], $this->layouts->layouts[$face->id]));
            }
        }

        return $findings;
    }

    /** @return array<string, Length|string> */
    private function named(Observation $observation): array
    {
        $panel = $observation->panel();
        $face = $this->roof->face($observation->face);

        return [
            'piece' => $panel === null ? ($face->name ?? $observation->face) : ($face?->pieceName($panel) ?? $panel),
            'side' => ! $observation->taped instanceof SideTaped ? 'seam' : ($observation->taped->longSide ? 'long' : 'short'),
            'measured' => Length::ofInches($observation->measured()),
        ];
    }

    /** @return array<string, Length|string> */
    private static function off(float $miss): array
    {
        return ['off' => Length::ofInches(abs($miss)), 'way' => $miss > 0.0 ? 'more' : 'less'];
    }

    private static function about(float $miss): string
    {
        return match (true) {
            abs(abs($miss) - self::FOOT) < 0.5 => 'foot',
            abs(abs($miss) - 1.0) < 0.25 => 'inch',
            default => 'other',
        };
    }

    /** @return list<Finding> where seams met on the drawn edge and come out beside each other on the fitted one */
    private function seams(string $edge, FittedLine $fitted): array
    {
        foreach ($this->layouts->groups as $group) {
            foreach ($group->group->ties as $tie) {
                $apart = $tie->edge === $edge && $fitted->line !== null ? $this->apart($tie, $fitted->line) : 0.0;
                if ($apart > self::SEEN) {
                    return [Finding::note('fit.seams-part', $tie->one, ['other' => $this->roof->face($tie->other)->name ?? $tie->other, 'apart' => Length::ofInches($apart)])];
                }
            }
        }

        return [];
    }

    /** How far seams that met on the drawn edge come out from each other on the fitted one, inches along it. */
    private function apart(Tie $tie, LineFit $line): float
    {
        [$one, $other] = [$this->roof->face($tie->one), $this->roof->face($tie->other)];
        if ($one?->frame === null || $other?->frame === null) {
            return 0.0;
        }
        $worst = 0.0;
        $met = $this->layouts->layouts[$other->id]->seams;
        foreach ($this->layouts->layouts[$one->id]->seams as $seam) {
            $across = $tie->across($seam);
            $meets = array_filter($met, static fn (float $u): bool => abs($u - $across) < Tie::MEETS + Tolerance::LENGTH);
            if ($meets === [] || $seam < $tie->low || $seam > $tie->high) {
                continue;
            }
            $worst = max($worst, $one->frame->toPlan(self::at($line->on($one->frame), $seam))->distanceTo($other->frame->toPlan(self::at($line->on($other->frame), $across))));
        }

        return $worst;
    }

    /** @param  array{Point, Point}  $line */
    private static function at(array $line, float $u): Point
    {
        return new Point($u, $line[0]->v + ($u - $line[0]->u) * ($line[1]->v - $line[0]->v) / ($line[1]->u - $line[0]->u));
    }

    /** @return list<Finding> where a face has grown past its outermost panels */
    private function bare(Face $face, MovedFace $metal, FaceLayout $layout): array
    {
        $span = $metal->span();
        $findings = [];
        foreach (['left' => $layout->strips[0]->moduleLeft - $span->left, 'right' => $span->right - $layout->strips[count($layout->strips) - 1]->moduleRight()] as $side => $bare) {
            if ($bare > Tolerance::ON_LINE) {
                $findings[] = Finding::settle('fit.bare', $face->id, ['side' => $side, 'width' => Length::ofInches($bare)]);
            }
        }

        return $findings;
    }
}
