<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Drills\LargeNumbers;
use Illuminate\Console\Command;
use Imbrex\Core\Effort;
use Imbrex\Core\Plan;
use Imbrex\Core\Stages;
use Imbrex\Stations\Documents\Contract;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\JobReader;
use RuntimeException;
use stdClass;
use Throwable;

/** Works plans of small documents with one large or small number, and tells which take longer, or more memory, than their effort says. */
final class NumbersCommand extends Command
{
    /** What is worked while one waits may take so long (s); what is queued, so long. */
    private const AT_ONCE = 5.0;

    private const LONGEST = 90.0;

    /** What a server needs have, bytes. */
    private const ROOM = 256 * 1024 * 1024;

    private const SHOWN = 12;

    protected $signature = 'imbrex:numbers {--every=1 : of so many take one} {--only= : those whose name contains this}';

    protected $description = 'Work small documents with one large number';

    public function handle(JobReader $reader): int
    {
        $schema = Contract::schema('job');
        [$every, $only] = [max(1, (int) $this->option('every')), is_string($this->option('only')) ? $this->option('only') : ''];
        pcntl_async_signals(true);
        pcntl_signal(SIGALRM, static fn () => throw new RuntimeException('It does not end.'));
        [$rows, $bad, $refused, $number] = [[], [], 0, 0];
        // The demo jobs, and jobs that say what those leave out.
        foreach ([...glob(database_path('demo/*.json')) ?: [], ...glob(database_path('drills/*.json')) ?: []] as $file) {
            /** @var stdClass $whole */
            $whole = json_decode((string) file_get_contents($file));
            foreach ((new LargeNumbers($schema, Contract::schema('facts')))->of($whole) as $name => $document) {
                $name = basename($file, '.json')." $name";
                if ($number++ % $every !== 0 || ($only !== '' && ! str_contains($name, $only))) {
                    continue;
                }
                $row = $this->work($reader, $document);
                if ($row === null) {
                    $refused++;

                    continue;
                }
                [$seconds, $bytes, $steps, $wrong] = $row;
                $rows[] = $shown = [$name, sprintf('%.2f', $seconds), sprintf('%.0f', $bytes / 1024 / 1024), sprintf('%.0f', $steps), $wrong];
                if ($wrong !== '' || $bytes > self::ROOM || $seconds > ($steps > Effort::AT_ONCE ? self::LONGEST : self::AT_ONCE)) {
                    $bad[] = $shown;
                    $this->line(implode(' · ', $shown));
                }
            }
        }
        usort($rows, static fn (array $a, array $b): int => (float) $b[1] <=> (float) $a[1]);
        $this->line(sprintf('%d plans worked, %d documents refused; the slowest:', count($rows), $refused));
        $this->table(['what', 's', 'MB', 'steps', 'wrong'], array_slice($rows, 0, self::SHOWN));
        $bad === [] || $this->table(['beyond what was said', 's', 'MB', 'steps', 'wrong'], $bad);

        return $bad === [] ? self::SUCCESS : self::FAILURE;
    }

    /** @return array{float, int, float, string}|null seconds, bytes, steps, what went wrong; null for one that is refused */
    private function work(JobReader $reader, stdClass $document): ?array
    {
        $steps = 0.0;
        gc_collect_cycles();
        memory_reset_peak_usage();
        [$before, $begun, $wrong] = [memory_get_usage(), microtime(true), ''];
        pcntl_alarm((int) self::LONGEST + 10);
        try {
            $plan = $reader->plan((string) json_encode($document));
            $steps = Effort::steps($plan->job, $plan->circumstances);
            foreach (Stages::IN_ORDER as $stage) {
                $plan->of($stage);
            }
            unserialize(serialize($plan)) instanceof Plan || $wrong = 'it cannot be unpacked';
        } catch (DocumentFault) {
            return null;
        } catch (Throwable $fault) {
            $wrong = $fault::class.': '.mb_strimwidth($fault->getMessage(), 0, 120, '…').' at '.basename($fault->getFile()).':'.$fault->getLine();
        } finally {
            pcntl_alarm(0);
        }

        return [microtime(true) - $begun, memory_get_peak_usage() - $before, $steps, $wrong];
    }
}
