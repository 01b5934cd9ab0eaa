<?php

declare(strict_types=1);

namespace Imbrex\Stations\Words;

use Imbrex\Core\Ground\Rules\RuleSet;
use NumberFormatter;

/** Money in words, in the currency the crew reckons in: what is small to the cent, what is not by whole units. */
final class Money
{
    private const SMALL = 20.0;

    public static function print(float $amount, RuleSet $rules): string
    {
        $formatter = new NumberFormatter('en', NumberFormatter::CURRENCY);
        $currency = $rules->choice('order.currency');
        // How many decimals a currency has is its own affair; none are shown where they say nothing.
        $formatter->setTextAttribute(NumberFormatter::CURRENCY_CODE, $currency);
        if (abs($amount) >= self::SMALL) {
            $formatter->setAttribute(NumberFormatter::FRACTION_DIGITS, 0);
        }

        return (string) $formatter->format($amount);
    }
}
