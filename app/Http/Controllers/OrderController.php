<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facts\FactStore;
use App\Http\Download;
use App\Http\Requests\DocumentRequest;
use App\Models\Job;
use App\Models\Order;
use App\Orders\OrderRelease;
use App\Plans\PlanCache;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\LoadOut\OrderCheck;
use Imbrex\Core\Plan;
use Imbrex\Stations\LoadOut\KeptOrder;
use Imbrex\Stations\LoadOut\ServesWriter;
use Imbrex\Stations\Words\Words;

final class OrderController
{
    public function __construct(private readonly PlanCache $plans, private readonly OrderRelease $release, private readonly ServesWriter $serves, private readonly FactStore $facts)
    {
    }

    /** The newest first, each with whether the plan would order otherwise today. */
    public function index(Job $job): JsonResponse
    {
        $orders = $job->orders()->orderByDesc('id')->get();
        if ($orders->isEmpty()) {
            return new JsonResponse([]);
        }
        $plan = $this->plans->plan($job->newest());
        $today = $this->release->order($plan);
        $newest = $orders[0];

        return new JsonResponse($orders->map(fn (Order $order): array => $this->wire($order, $today, $order === $newest ? $this->serves($job, $order, $plan) : [])));
    }

    /** Releases the order of the revision named in If-Match; 409 when the plan has moved on or is blocked. */
    public function store(DocumentRequest $request, Job $job, Words $words): JsonResponse
    {
        $member = $request->member();
        abort_if($request->base() !== $job->revision, 409, $words->say('order.moved-on'));
        $revision = $job->newest();
        $facts = $this->facts->newest($job->id);
        $plan = $this->plans->plan($revision, $facts);
        abort_unless(LoadOutStage::mayBeOrdered($plan), 409, $words->say('order.blocked'));
        $order = $this->release->of($job, $plan, $facts, $member);

        return new JsonResponse($this->wire($order, $order->lines), $order->wasRecentlyCreated ? 201 : 200);
    }

    /** A file of a released order, as it was released. */
    public function file(Job $job, int $order, string $name): Download
    {
        $released = $job->orders()->findOrFail($order);
        $file = $this->release->file($released, $name) ?? abort(404);

        return new Download($file->content, $file->type, (Str::slug($job->name) ?: 'job')."-order-$released->number-$name");
    }

    /** @return list<array<string, mixed>> */
    private function serves(Job $job, Order $order, Plan $today): array
    {
        $ordered = $this->plans->plan($job->at($order->revision), $order->facts);

        return $this->serves->said(OrderCheck::of($ordered->of(CuttingStage::class)->sheets, $today), $today);
    }

    /**
     * @param  array<string, mixed>  $today
     * @param  list<array<string, mixed>>  $serves  what no longer does, of the newest
     * @return array<string, mixed>
     */
    private function wire(Order $order, array $today, array $serves = []): array
    {
        return [
            'id' => $order->id,
            'number' => $order->number,
            'files' => $this->release->names(),
            'revision' => $order->revision,
            'releasedBy' => $order->released_by_name,
            'releasedAt' => $order->created_at->toIso8601String(),
            'order' => KeptOrder::told($order->lines),
            'changed' => KeptOrder::isChanged($order->lines, $today),
            'serves' => $serves,
        ];
    }
}
