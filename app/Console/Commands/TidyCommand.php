<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Plans\Shelves;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Clears away what can be made again and has not been asked for. */
final class TidyCommand extends Command
{
    protected $signature = 'imbrex:tidy {--all : everything, not only what is too much}';

    protected $description = 'Clear away kept plans, slices and files beyond what is allowed';

    public function handle(Shelves $shelves): int
    {
        foreach ($shelves->all() as $shelf) {
            $shelf->tidy((bool) $this->option('all'));
        }

        // Counts of tries whose minute is over.
        DB::table('cache')->where('expiration', '<', now()->getTimestamp())->delete();

        return self::SUCCESS;
    }
}
