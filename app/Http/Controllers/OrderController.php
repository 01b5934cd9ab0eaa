<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DocumentRequest;
use App\Models\Job;
use App\Models\Order;
use App\Plans\PlanCache;
use App\Stations\LoadOut\OrderWriter;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;

final class OrderController
{
    public function __construct(private readonly PlanCache $plans, private readonly OrderWriter $writer)
    {
    }

    /** The newest first, each with whether the plan would order otherwise today. */
    public function index(Job $job): JsonResponse
    {
        $orders = $job->orders()->orderByDesc('id')->get();
        $today = $orders->isEmpty() ? [] : $this->order($this->plans->plan($job->newest()));

        return new JsonResponse($orders->map(fn (Order $order): array => $this->wire($order, $today)));
    }

    /** Releases the order of the revision named in If-Match; 409 when the plan has moved on or is blocked. */
    public function store(DocumentRequest $request, Job $job, Words $words): JsonResponse
    {
        $member = $request->member();
        abort_if($request->base() !== $job->revision, 409, $words->say('order.moved-on'));
        $revision = $job->newest();
        $plan = $this->plans->plan($revision);
        abort_unless(LoadOutStage::mayBeOrdered($plan), 409, $words->say('order.blocked'));
        $order = $job->orders()->create([
            'revision' => $revision->number,
            'lines' => $this->order($plan),
            'released_by' => $member->id,
            'released_by_name' => $member->name,
        ]);

        return new JsonResponse($this->wire($order, $this->order($plan)), 201);
    }

    /** @return array<string, mixed> as it is kept: numbers as JSON has them */
    private function order(Plan $plan): array
    {
        return json_decode((string) json_encode($this->writer->order($plan->of(LoadOutStage::class)->order)), true);
    }

    /**
     * @param  array<string, mixed>  $today
     * @return array<string, mixed>
     */
    private function wire(Order $order, array $today): array
    {
        return [
            'id' => $order->id,
            'revision' => $order->revision,
            'releasedBy' => $order->released_by_name,
            'releasedAt' => $order->created_at->toIso8601String(),
            'order' => $order->lines,
            'changed' => $order->lines != $today,
        ];
    }
}
