<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Imbrex\Stations\Documents\Contract;
use Symfony\Component\Console\Output\OutputInterface;

/** Prints a schema of contracts/, put together from its parts. */
final class ContractCommand extends Command
{
    protected $signature = 'imbrex:contract {name : job, plan or circumstances}';

    protected $description = 'Print a schema of contracts/, put together from its parts';

    public function handle(): int
    {
        $name = is_string($this->argument('name')) ? $this->argument('name') : '';
        $known = [...array_map(basename(...), glob(base_path('contracts/*'), GLOB_ONLYDIR) ?: []), 'circumstances'];
        if (! in_array($name, $known, true)) {
            $this->error("There is no contract $name: name one of ".implode(', ', $known).'.');

            return self::INVALID;
        }
        $this->output->writeln((string) json_encode(Contract::schema($name), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
