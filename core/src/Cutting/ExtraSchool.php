<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Cutting\Internal\RiskExtra;
use Imbrex\Core\Ground\Rules\RuleSet;

/** One school of how much longer to order, with the money at stake over all panels of a face. */
final readonly class ExtraSchool
{
    /**
     * @param  'fixed'|'risk'|'in-all'  $school
     * @param  float  $extra  beyond the blank, inches
     * @param  float  $metalMoney  price of the extra metal
     * @param  InAll|null  $inAll  what becomes of what that school adds
     * @param  float  $riskMoney  what panels cut short cost on average
     */
    private function __construct(
        public string $school,
        public float $extra,
        public float $metalMoney,
        public float $riskMoney,
        public bool $chosen,
        public ?InAll $inAll = null,
    ) {
    }

    /**
     * @param  float  $sigma  inches
     * @param  InAll|null  $inAll  by that school; null where no face is known to add to
     * @return list<self> the risk-based, the fixed and the school that adds in all, side by side
     */
    public static function compare(float $sigma, int $panels, RuleSet $rules, ?InAll $inAll = null): array
    {
        $perInch = $rules->number('order.metalPerInch');
        $scrap = $rules->number('order.scrapCost');
        $extras = ['risk' => RiskExtra::least($sigma, $perInch, $scrap), 'fixed' => $rules->number('order.extra')] + ($inAll === null ? [] : ['in-all' => max(0.0, $inAll->spare())]);
        $schools = [];
        foreach ($extras as $school => $extra) {
            $schools[] = new self(
                $school,
                $extra,
                $extra * $perInch * $panels,
                RiskExtra::shortfall($extra, $sigma) * $scrap * $panels,
                $rules->choice('order.school') === $school,
                $school === 'in-all' ? $inAll : null,
            );
        }

        return $schools;
    }
}
