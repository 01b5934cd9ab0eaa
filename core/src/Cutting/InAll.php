<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Survey\SurveyStage;

/**
 * The habit of adding so much "in all" to the taped length: for what reaches past the eave, for hems and to spare. What
 * the blank takes beyond the tape is known, so the rest can be told.
 */
final readonly class InAll
{
    /**
     * @param  float  $added  to the taped length by the habit; all inches
     * @param  float  $past  of it past the deck's edge at the eave; 0 where the tape lay on the old panel and has that in it
     * @param  float  $hems  of it folded under or up at eave and head
     * @param  float  $head  of it past the roof line at the head; negative where metal is held back there
     * @param  bool  $toOldPanel  the tape's low end touched the old panel's end
     */
    private function __construct(public float $added, public float $past, public float $hems, public float $head, public bool $toOldPanel)
    {
    }

    public static function on(Plan $plan, Face $face): self
    {
        $builds = $plan->of(BuildsStage::class);
        $old = $plan->of(SurveyStage::class)->isToOldPanel($face->id);
        [$pastEave, $eaveHem] = self::end($face, $builds, true);
        [$head, $headHem] = self::end($face, $builds, false);

        return new self($plan->job->rules->number('order.inAll'), $old ? 0.0 : $pastEave, $eaveHem + $headHem, $head, $old);
    }

    /** What is left of it, inches; negative where the blank takes more. */
    public function spare(): float
    {
        return $this->added - $this->past - $this->hems - $this->head;
    }

    /**
     * Offset and hem at the longest side panels begin or end at, hips and valleys apart.
     *
     * @return array{float, float}
     */
    private static function end(Face $face, Builds $builds, bool $low): array
    {
        $longest = 0.0;
        $end = [0.0, 0.0];
        foreach ($face->edges as $side => $kind) {
            $across = $face->outline->corner($side + 1)->u - $face->outline->corner($side)->u;
            $length = $face->outline->sideLength($side);
            if (! $kind->runsUpSlope() && $kind !== EdgeKind::Hip && $kind !== EdgeKind::Valley && ($across > 0.0) === $low && $length > $longest) {
                $allowance = $builds->at($face, 0, $side)->allowance($low);
                [$longest, $end] = [$length, [$allowance->offset, $allowance->hem]];
            }
        }

        return $end;
    }
}
