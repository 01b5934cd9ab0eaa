<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Rules;

/** What a house rule's number counts. */
enum RuleUnit: string
{
    case Inches = 'in';
    case Percent = '%';
    case Share = 'share';
    case Count = 'count';
    case RiseIn12 = 'in 12';
    case Money = 'money';
    case MoneyPerInch = 'money per in';
    case Points = 'points';
    case Fahrenheit = '°F';
    /** How much hotter. */
    case FahrenheitMore = '°F more';
    case Choice = 'choice';
}
