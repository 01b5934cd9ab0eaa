<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Job;
use App\Models\JobRevision;
use App\Models\Order;
use App\Models\OrderFile;
use App\Models\User;
use App\Plans\PlanCache;
use Closure;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use Imbrex\Stations\Edition;
use Imbrex\Stations\LoadOut\KeptOrder;
use Imbrex\Stations\LoadOut\OrderWriter;
use Imbrex\Stations\Print\Contents;
use Imbrex\Stations\Release;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Stations;

/** Makes a document of an order: what was released, and its files as they were then, for good. */
final readonly class OrderRelease
{
    public function __construct(private Stations $stations, private PlanCache $plans, private OrderWriter $writer, private Contents $contents)
    {
    }

    /**
     * Of one revision there is one order: whoever releases it again, because no answer came, is given that one. Its papers are made before anybody has to wait: only
     * where another order took its number meanwhile they are made again.
     *
     * @param  Plan  $plan  of the job's newest revision; it may be ordered
     * @param  int  $facts  number of the newest fact the plan knows
     */
    public function of(Job $job, Plan $plan, int $facts, User $by): Order
    {
        $revision = $job->at($job->revision);
        $lines = $this->order($plan);
        do {
            $release = new Release((int) $job->orders()->max('number') + 1, $by->name, Carbon::now()->startOfSecond()->utc()->toIso8601ZuluString());
            $papers = $this->before($job, $lines) === null ? array_map(fn (StationFile $file): array => $this->paper($file, $release, $revision, static fn (): Plan => $plan), $this->files()) : [];
            $order = DB::transaction(fn (): ?Order => $this->released($job, $release, $lines, $papers, $facts, $by));
        } while ($order === null);

        return $order;
    }

    /**
     * The order a revision has already, where it would be the same today.
     *
     * @param  array<string, mixed>  $lines
     */
    private function before(Job $job, array $lines): ?Order
    {
        $newest = $job->orders()->where('revision', $job->revision)->latest('id')->first();

        return $newest === null || KeptOrder::isChanged($newest->lines, $lines) ? null : $newest;
    }

    /**
     * @param  array<string, mixed>  $lines
     * @param  list<array{name: string, type: string, content: string}>  $papers
     * @return Order|null null where its number is another's by now
     */
    private function released(Job $job, Release $release, array $lines, array $papers, int $facts, User $by): ?Order
    {
        Job::query()->lockForUpdate()->findOrFail($job->id);
        $before = $this->before($job, $lines);
        if ($before !== null) {
            return $before;
        }
        if ($job->orders()->where('number', $release->number)->exists()) {
            return null;
        }
        $order = $job->orders()->make(['number' => $release->number, 'revision' => $job->revision, 'facts' => $facts, 'lines' => $lines, 'released_by' => $by->id, 'released_by_name' => $by->name]);
        // As its papers say.
        $order->forceFill(['created_at' => $release->at])->save();
        $order->files()->createMany($papers);

        return $order;
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

        return $file === null ? null : $this->keep($order, $revision, $file, fn (): Plan => $this->plans->plan($revision, $order->facts));
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn (StationFile $file): string => $file->name, $this->files());
    }

    /** @return array<string, mixed> as it is kept: numbers as JSON has them */
    public function order(Plan $plan): array
    {
        return KeptOrder::of(json_decode((string) json_encode($this->writer->order($plan->of(LoadOutStage::class)->order)), true));
    }

    /** @param  Closure(): Plan  $plan  of the revision */
    private function keep(Order $order, JobRevision $revision, StationFile $file, Closure $plan): OrderFile
    {
        return $order->files()->create($this->paper($file, new Release($order->number, $order->released_by_name, $order->created_at->utc()->toIso8601ZuluString()), $revision, $plan));
    }

    /**
     * @param  Closure(): Plan  $plan  of the revision
     * @return array{name: string, type: string, content: string}
     */
    private function paper(StationFile $file, Release $release, JobRevision $revision, Closure $plan): array
    {
        return ['name' => $file->name, 'type' => $file->type, 'content' => (string) $this->contents->of($file, new Edition($revision->number, $revision->decoded(...), $plan, release: $release))];
    }

    /** @return list<StationFile> */
    private function files(): array
    {
        return array_values(array_filter($this->stations->files(), static fn (StationFile $file): bool => $file->ordered));
    }
}
