<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Rules\RuleSet;

/** One school of how much longer to order, with the money at stake over all panels of a face. */
final readonly class ExtraSchool
{
    /**
     * @param  string  $school  fixed or risk
     * @param  float  $extra  inches
     * @param  float  $metalMoney  price of the extra metal
     * @param  float  $riskMoney  what panels cut short cost on average
     */
    private function __construct(
        public string $school,
        public float $extra,
        public float $metalMoney,
        public float $riskMoney,
        public bool $chosen,
    ) {
    }

    /**
     * @param  float  $sigma  inches
     * @return list<self> the risk-based and the fixed school, side by side
     */
    public static function compare(float $sigma, int $panels, RuleSet $rules): array
    {
        $perInch = $rules->number('order.metalPerInch');
        $scrap = $rules->number('order.scrapCost');
        $extras = ['risk' => RiskExtra::least($sigma, $perInch, $scrap), 'fixed' => $rules->number('order.extra')];
        $schools = [];
        foreach ($extras as $school => $extra) {
            $schools[] = new self(
                $school,
                $extra,
                $extra * $perInch * $panels,
                RiskExtra::shortfall($extra, $sigma) * $scrap * $panels,
                $rules->choice('order.school') === $school,
            );
        }

        return $schools;
    }
}
