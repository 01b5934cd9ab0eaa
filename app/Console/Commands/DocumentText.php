<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Documents\Understood;
use Imbrex\Stations\Words\Words;

/** Reads what a command is given, from a file or from standard input, and tells on standard error what was wrong with it. */
final class DocumentText
{
    /** @throws DocumentFault */
    public function of(string $file, string $field): string
    {
        if ($file === '') {
            throw DocumentFault::of([new Fault($field, 'file-unreadable', Understood::NOTHING)]);
        }
        $text = $file === '-' ? stream_get_contents(STDIN) : (is_file($file) ? @file_get_contents($file) : false);

        return $text === false ? throw DocumentFault::of([new Fault($field, 'file-unreadable', $file)]) : $text;
    }

    public function tell(DocumentFault $fault, Words $words): void
    {
        foreach ($fault->inWords($words) as $line) {
            fwrite(STDERR, preg_replace('/\s+/', ' ', $line['message'])."\n");
        }
    }
}
