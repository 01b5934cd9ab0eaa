<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Download;
use App\Http\Requests\DocumentRequest;
use App\Models\Job;
use App\Models\Order;
use App\Plans\PlanCache;
use App\Stations\LoadOut\OrderRelease;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;
use Imbrex\Core\LoadOut\LoadOutStage;

final class OrderController
{
    public function __construct(private readonly PlanCache $plans, private readonly OrderRelease $release)
    {
    }

    /** The newest first, each with whether the plan would order otherwise today. */
    public function index(Job $job): JsonResponse
    {
        $orders = $job->orders()->orderByDesc('id')->get();
        $today = $orders->isEmpty() ? [] : $this->release->order($this->plans->plan($job->newest()));

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
        $order = $this->release->of($job, $plan, $member);

        return new JsonResponse($this->wire($order, $order->lines), $order->wasRecentlyCreated ? 201 : 200);
    }

    /** A file of a released order, as it was released. */
    public function file(Job $job, int $order, string $name): Download
    {
        $released = $job->orders()->findOrFail($order);
        $file = $this->release->file($released, $name) ?? abort(404);

        return new Download($file->content, $file->type, (Str::slug($job->name) ?: 'job')."-order-$released->number-$name");
    }

    /**
     * @param  array<string, mixed>  $today
     * @return array<string, mixed>
     */
    private function wire(Order $order, array $today): array
    {
        return [
            'id' => $order->id,
            'number' => $order->number,
            'files' => $this->release->names(),
            'revision' => $order->revision,
            'releasedBy' => $order->released_by_name,
            'releasedAt' => $order->created_at->toIso8601String(),
            'order' => $order->lines,
            'changed' => $order->lines != $today,
        ];
    }
}
