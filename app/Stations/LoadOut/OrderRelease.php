<?php

declare(strict_types=1);

namespace App\Stations\LoadOut;

use App\Exports\Contents;
use App\Models\Job;
use App\Models\JobRevision;
use App\Models\Order;
use App\Models\OrderFile;
use App\Models\User;
use App\Plans\PlanCache;
use App\Stations\Edition;
use App\Stations\Release;
use App\Stations\StationFile;
use App\Stations\Stations;
use Closure;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;

/** Makes a document of an order: what was released, and its files as they were then, for good. */
final readonly class OrderRelease
{
    public function __construct(private Stations $stations, private PlanCache $plans, private OrderWriter $writer, private Contents $contents)
    {
    }

    /**
     * Of one revision there is one order: whoever releases it again, because no answer came, is given that one.
     *
     * @param  Plan  $plan  of the job's newest revision; it may be ordered
     */
    public function of(Job $job, Plan $plan, User $by): Order
    {
        return DB::transaction(function () use ($job, $plan, $by): Order {
            Job::query()->lockForUpdate()->findOrFail($job->id);
            $order = $job->orders()->where('revision', $job->revision)->first();
            if ($order !== null) {
                return $order;
            }
            $order = $job->orders()->create([
                'number' => (int) $job->orders()->max('number') + 1,
                'revision' => $job->revision,
                'lines' => $this->order($plan),
                'released_by' => $by->id,
                'released_by_name' => $by->name,
            ]);
            foreach ($this->files() as $file) {
                $this->keep($order, $job->at($order->revision), $file, static fn (): Plan => $plan);
            }

            return $order;
        });
    }

    /** One of its files; an order from before files were kept has it made of its revision, once. */
    public function file(Order $order, string $name): ?OrderFile
    {
        $kept = $order->files()->where('name', $name)->first();
        if ($kept !== null) {
            return $kept;
        }
        $file = Arr::first($this->files(), static fn (StationFile $file): bool => $file->name === $name);

        $revision = $order->job()->firstOrFail()->at($order->revision);

        return $file === null ? null : $this->keep($order, $revision, $file, fn (): Plan => $this->plans->plan($revision));
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn (StationFile $file): string => $file->name, $this->files());
    }

    /** @return array<string, mixed> as it is kept: numbers as JSON has them */
    public function order(Plan $plan): array
    {
        return json_decode((string) json_encode($this->writer->order($plan->of(LoadOutStage::class)->order)), true);
    }

    /** @param  Closure(): Plan  $plan  of the revision */
    private function keep(Order $order, JobRevision $revision, StationFile $file, Closure $plan): OrderFile
    {
        $release = new Release($order->number, $order->released_by_name, $order->created_at->utc()->toIso8601ZuluString());
        $edition = new Edition($revision->number, $revision->decoded(...), $plan, release: $release);

        return $order->files()->create(['name' => $file->name, 'type' => $file->type, 'content' => (string) $this->contents->of($file, $edition)]);
    }

    /** @return list<StationFile> */
    private function files(): array
    {
        return array_values(array_filter($this->stations->files(), static fn (StationFile $file): bool => $file->ordered));
    }
}
