<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Plans\WholePlan;
use Illuminate\Console\Command;
use Imbrex\Core\Plan;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Words\Words;
use Symfony\Component\Console\Output\OutputInterface;

/** Prints the plan of a job document as JSON. Needs no database. */
final class PlanCommand extends Command
{
    private const BAD_FILE = 2;

    protected $signature = 'imbrex:plan {file? : a job document, or - for standard input} {--on= : what holds today, as JSON}';

    protected $description = 'Print the plan of a job document as JSON';

    public function handle(JobReader $reader, WholePlan $whole, DocumentText $text, Words $words): int
    {
        try {
            [$file, $on] = [$this->argument('file'), $this->option('on')];
            $plan = $reader->plan($text->of(is_string($file) ? $file : '', 'file'), is_string($on) ? $reader->circumstances($text->of($on, 'on')) : null);
        } catch (DocumentFault $fault) {
            $text->tell($fault, $words);

            return self::BAD_FILE;
        }
        $this->output->writeln(
            (string) json_encode($whole->of($plan), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }
}
