<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Imbrex\Core\HouseRules;
use Imbrex\Stations\Words\Words;

/** Lists the house rules: key, unit, default, range, reason. */
final class RulesCommand extends Command
{
    protected $signature = 'imbrex:rules {--json : as JSON}';

    protected $description = 'List the house rules';

    public function handle(Words $words): int
    {
        $rules = [];
        foreach (HouseRules::all() as $rule) {
            $rules[] = [
                'key' => $rule->key,
                'unit' => $rule->unit->value,
                'default' => is_float($rule->default) ? round($rule->default, 4) : $rule->default,
                'range' => $rule->choices === [] ? "$rule->least to $rule->most" : implode(', ', $rule->choices),
                'reason' => $words->say("rule.$rule->key"),
            ];
        }
        if ($this->option('json')) {
            $this->line((string) json_encode($rules, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
        } else {
            $this->table(['key', 'unit', 'default', 'range', 'reason'], $rules);
        }

        return self::SUCCESS;
    }
}
