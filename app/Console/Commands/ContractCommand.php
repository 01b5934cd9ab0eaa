<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Contracts\PlanContract;
use Illuminate\Console\Command;
use Imbrex\Stations\Documents\Contract;
use Symfony\Component\Console\Output\OutputInterface;

/** Prints a schema: of contracts/, put together from its parts, or of the plan, made from the shapes beside its writers. */
final class ContractCommand extends Command
{
    protected $signature = 'imbrex:contract {name : job, plan, facts or circumstances}';

    protected $description = 'Print the schema of what goes over the wire';

    public function handle(): int
    {
        $name = is_string($this->argument('name')) ? $this->argument('name') : '';
        $known = ['job', 'plan', 'facts', 'circumstances'];
        if (! in_array($name, $known, true)) {
            $this->error("There is no contract $name: name one of ".implode(', ', $known).'.');

            return self::INVALID;
        }
        $this->output->writeln((string) json_encode($name === 'plan' ? PlanContract::schema() : Contract::schema($name), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
