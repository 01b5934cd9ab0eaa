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

final class OrderController
{
    public function index(Job $job): JsonResponse
    {
        return new JsonResponse($job->orders()->orderByDesc('id')->get()->map($this->wire(...)));
    }

    /** Releases the order of the revision named in If-Match; 409 when the plan has moved on or is blocked. */
    public function store(DocumentRequest $request, Job $job, PlanCache $plans, OrderWriter $writer, Words $words): JsonResponse
    {
        $member = $request->member();
        abort_if($request->base() !== $job->revision, 409, $words->say('order.moved-on'));
        $revision = $job->newest();
        $plan = $plans->plan($revision);
        abort_unless(LoadOutStage::mayBeOrdered($plan), 409, $words->say('order.blocked'));
        $order = $job->orders()->create([
            'revision' => $revision->number,
            'lines' => $writer->order($plan->of(LoadOutStage::class)->order),
            'released_by' => $member->id,
            'released_by_name' => $member->name,
        ]);

        return new JsonResponse($this->wire($order), 201);
    }

    /** @return array<string, mixed> */
    private function wire(Order $order): array
    {
        return [
            'id' => $order->id,
            'revision' => $order->revision,
            'releasedBy' => $order->released_by_name,
            'releasedAt' => $order->created_at->toIso8601String(),
            'order' => $order->lines,
        ];
    }
}
