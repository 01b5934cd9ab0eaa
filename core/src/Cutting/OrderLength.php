<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Rules\RuleSet;
use Imbrex\Core\Units\Rounding;

/** How much longer than its blank a panel is ordered: blank + extra, rounded up to the ordering step. */
final readonly class OrderLength
{
    /** @param  float  $extra inches */
    private function __construct(public float $extra, private float $step)
    {
    }

    /** @param  float  $sigma standard deviation of the reading error, inches */
    public static function by(RuleSet $rules, float $sigma): self
    {
        $extra = $rules->choice('order.school') === 'risk'
            ? RiskExtra::least($sigma, $rules->number('order.metalPerInch'), $rules->number('order.scrapCost'))
            : $rules->number('order.extra');

        return new self($extra, $rules->number('order.step'));
    }

    /** @param  float  $blank inches; never returns less */
    public function of(float $blank): float
    {
        return max($blank, Rounding::Up->toStep($blank + $this->extra, $this->step));
    }

    /** @param  float  $most order length, inches; the longest blank that is ordered at no more */
    public function longestBlank(float $most): float
    {
        return Rounding::Down->toStep($most, $this->step) - $this->extra;
    }
}
