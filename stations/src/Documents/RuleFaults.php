<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

use Imbrex\Core\Ground\Rules\RuleFault;

/** Puts a house rule's fault into the words a document's fault has. */
final class RuleFaults
{
    public static function fault(string $field, RuleFault $fault, float|string $value): Fault
    {
        $rule = $fault->rule;
        $understood = Understood::inWords($value);

        return match (true) {
            $rule === null => new Fault($field, 'rule-unknown', $understood),
            $rule->choices !== [] => new Fault($field, 'one-of', $understood, ['values' => implode(', ', $rule->choices)]),
            default => new Fault($field, 'rule-range', $understood, ['least' => $rule->least, 'most' => $rule->most, 'unit' => $rule->unit->value]),
        };
    }
}
