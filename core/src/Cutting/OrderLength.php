<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Cutting\Internal\RiskExtra;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Survey\SurveyStage;

/** How much longer than its blank a panel is ordered: blank + extra, rounded up to the ordering step. */
final readonly class OrderLength
{
    /** @param  float  $extra inches */
    private function __construct(public float $extra, private float $step)
    {
    }

    /** By the school of the house, for panels of a face. */
    public static function on(Plan $plan, Face $face): self
    {
        $rules = $plan->job->rules;

        return $rules->choice('order.school') === 'in-all'
            ? new self(max(0.0, InAll::on($plan, $face)->spare()), $rules->number('order.step'))
            : self::by($rules, $plan->of(SurveyStage::class)->sigma($face->id));
    }

    /**
     * By a fixed extra, or by the risk.
     *
     * @param  float  $sigma  standard deviation of the reading error, inches
     */
    public static function by(RuleSet $rules, float $sigma): self
    {
        $extra = $rules->choice('order.school') === 'risk'
            ? RiskExtra::least($sigma, $rules->number('order.metalPerInch'), $rules->number('order.scrapCost'))
            : $rules->number('order.extra');

        return new self($extra, $rules->number('order.step'));
    }

    /** Blanks as they are, with nothing to spare. */
    public static function bare(): self
    {
        return new self(0.0, 0.0);
    }

    /** @param  float  $blank inches; never returns less */
    public function of(float $blank): float
    {
        return $this->step === 0.0 ? $blank : max($blank, Rounding::Up->toStep($blank + $this->extra, $this->step));
    }

    /** @param  float  $most order length, inches; the longest blank that is ordered at no more */
    public function longestBlank(float $most): float
    {
        return Rounding::Down->toStep($most, $this->step) - $this->extra;
    }
}
