<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Imbrex\Core\Water\Catchment;
use Imbrex\Core\Water\DropStep;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Words\Words;
use Symfony\Component\Console\Output\OutputInterface;

/** Lets one drop fall on the roof of a job document and prints its way as JSON. Needs no database. */
final class DropCommand extends Command
{
    private const BAD_FILE = 2;

    protected $signature = 'imbrex:drop {file : a job document, or - for standard input} {face : id of a face} {u : inches across it from its left end} {v : inches up the slope}';

    protected $description = 'Follow one drop down the roof of a job document';

    public function handle(JobReader $reader, DocumentText $text, Words $words): int
    {
        [$file, $face, $u, $v] = array_map(fn (string $name): string => is_string($this->argument($name)) ? $this->argument($name) : '', ['file', 'face', 'u', 'v']);
        try {
            $plan = $reader->plan($text->of($file, 'file'));
        } catch (DocumentFault $fault) {
            $text->tell($fault, $words);

            return self::BAD_FILE;
        }
        $path = is_numeric($u) && is_numeric($v) ? Catchment::of($plan)->runoff->from($face, (float) $u, (float) $v) : null;
        if ($path === null) {
            fwrite(STDERR, $words->say('fault.drop', ['face' => $face, 'at' => "$u $v"])."\n");

            return self::BAD_FILE;
        }
        $steps = array_map(static fn (DropStep $step): array => ['face' => $step->face, 'u' => $step->from->u, 'v' => $step->from->v, 'on' => $step->on->value, 'id' => $step->id], $path->steps);
        $last = $path->steps[count($path->steps) - 1];
        $this->output->writeln(
            (string) json_encode(['path' => [...$steps, ['face' => $last->face, 'u' => $last->to->u, 'v' => $last->to->v, 'on' => 'end', 'id' => $path->by]], 'end' => $path->end->value, 'by' => $path->lap ?? $path->by], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }
}
