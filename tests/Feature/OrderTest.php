<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Order;
use App\Models\OrderFile;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Imbrex\Stations\LoadOut\KeptOrder;
use LogicException;

/** A released order is a document: what was ordered, by whom, when, of which plan, whatever becomes of the job. */
final class OrderTest extends FeatureTestCase
{
    public function test_releasing_an_order_keeps_it_as_it_stood(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $release = fn (int $base) => $this->actingAs($user)->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => "\"$base\""]);
        $release(1)->assertCreated()->assertJsonPath('order.pieces', 32)->assertJsonPath('number', 1)->assertJsonPath('releasedBy', $user->name)->assertJsonPath('changed', false);
        $this->save($user, $job, self::document(['note' => 'says nothing to the order']), 1);
        $this->getJson("/api/jobs/$job->id/orders")->assertJsonPath('0.changed', false);
        $this->save($user, $job, self::document(['rules' => ['order.extra' => 4]]), 2);
        $release(1)->assertConflict();
        $this->actingAs($user)->getJson("/api/jobs/$job->id/orders")->assertJsonCount(1)->assertJsonPath('0.order.lines.0.length', 218.5)->assertJsonPath('0.changed', true);
        $release(3)->assertCreated()->assertJsonPath('number', 2);
    }

    /** Another colour is another order; one that was released before colours were kept says nothing of any. */
    public function test_a_colour_that_is_chosen_later_differs_from_what_was_ordered(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $this->actingAs($user)->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"1"'])->assertCreated()->assertJsonPath('order.colour', null);
        $this->save($user, $job, self::document(['system' => ['profile' => 'snap-lock-1.5-16', 'material' => 'steel', 'colour' => 'red']]), 1)->assertOk();
        $this->getJson("/api/jobs/$job->id/orders")->assertJsonPath('0.changed', true);
        $order = Order::query()->firstOrFail();
        // One from before colours were kept says nothing of any.
        $order->lines = array_diff_key((array) $order->lines, ['colour' => null, 'format' => null]);
        $order->save();
        $this->getJson("/api/jobs/$job->id/orders")->assertJsonPath('0.changed', false);
        self::assertStringContainsString(',red,', (string) $this->get("/api/jobs/$job->id/files/cut-list.csv")->assertOk()->getContent());
    }

    /** An order is held against today by what its own format told: what is told since changes none; what it had none of and has now does. */
    public function test_an_old_order_is_compared_by_its_own_format(): void
    {
        $kept = KeptOrder::of(['pieces' => 2, 'lines' => [['length' => 100, 'quantity' => 2]]]);
        self::assertFalse(KeptOrder::isChanged($kept, KeptOrder::of(['pieces' => 2, 'lines' => [['length' => 100, 'quantity' => 2, 'pack' => 'new']], 'pallets' => 1])));
        self::assertTrue(KeptOrder::isChanged($kept, KeptOrder::of(['pieces' => 2, 'lines' => [['length' => 101, 'quantity' => 2]]])));
        self::assertTrue(KeptOrder::isChanged($kept, KeptOrder::of(['pieces' => 2, 'lines' => [['length' => 100, 'quantity' => 2], ['length' => 90, 'quantity' => 1]]])));
        self::assertTrue(KeptOrder::isChanged($kept, KeptOrder::of(['pieces' => 2, 'lines' => [['length' => 100, 'quantity' => 2]], 'endPlugs' => 6])));
        // From before plugs were told.
        self::assertFalse(KeptOrder::isChanged(KeptOrder::told($kept), KeptOrder::of(['pieces' => 2, 'lines' => [['length' => 100, 'quantity' => 2]], 'endPlugs' => 6])));
    }

    /** Its papers are made before anybody has to wait for the job; where another order took the number meanwhile they are made again, and bear the next. */
    public function test_papers_bear_the_number_and_the_time_of_their_order(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $meanwhile = false;
        DB::listen(static function (QueryExecuted $query) use (&$meanwhile, $job, $user): void {
            if (! $meanwhile && str_contains($query->sql, 'for update')) {
                $meanwhile = true;
                DB::table('orders')->insert(['job_id' => $job->id, 'number' => 1, 'revision' => 0, 'lines' => '{}', 'released_by' => $user->id, 'released_by_name' => 'Wren', 'created_at' => now()]);
            }
        });
        $this->actingAs($user)->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"1"'])->assertCreated()->assertJsonPath('number', 2);
        $order = Order::query()->where('number', 2)->firstOrFail();
        [, $line] = self::table((string) $this->get("/api/jobs/$job->id/orders/$order->id/files/cut-list.csv")->assertOk()->getContent());
        self::assertSame(['2', $user->name, $order->created_at->utc()->toIso8601ZuluString()], array_slice($line, 14, 3));
    }

    public function test_an_order_released_again_because_no_answer_came_is_stored_once(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $release = fn () => $this->actingAs($user)->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"1"']);
        $first = $release()->assertCreated()->json();

        self::assertSame($first, $release()->assertOk()->json());
        self::assertSame(1, Order::query()->where('job_id', $job->id)->count());
        self::assertSame(3, OrderFile::query()->where('order_id', $first['id'])->count());
    }

    public function test_its_files_stay_those_of_the_plan_that_was_released(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $order = $this->actingAs($user)->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"1"'])->assertCreated()->json();
        self::assertSame(['cut-list.csv', 'cut-list.pdf', 'order.json'], $order['files']);
        $before = array_map(fn (string $name): string => $this->fileOf($job->id, $order['id'], $name), $order['files']);

        $this->save($user, $job, self::document(['name' => 'Another name', 'rules' => ['order.extra' => 4]]), 1)->assertOk();
        self::assertSame($before, array_map(fn (string $name): string => $this->fileOf($job->id, $order['id'], $name), $order['files']));

        $rows = self::table($before[0]);
        $line = array_combine(array_map(strval(...), $rows[0]), $rows[1]);
        self::assertSame(['218.5', '1', '1', $user->name], [$line['length_in'], $line['plan'], $line['order'], $line['released_by']]);
        self::assertSame($order['releasedAt'], str_replace('Z', '+00:00', (string) $line['released_at']));
        $json = json_decode($before[2], true);
        self::assertSame(['imbrex-order/1', 'Oar store', 1, ['order' => 1, 'by' => $user->name, 'at' => $line['released_at']]], [$json['format'], $json['name'], $json['plan'], $json['released']]);
        self::assertSame([218.5, 32, 'Oar store'], [$json['order']['lines'][0]['length'], $json['order']['pieces'], $json['job']['name']]);
        self::assertStringStartsWith('%PDF-', $before[1]);
        // What stands in the job now says that it was not released.
        $now = json_decode((string) $this->get("/api/jobs/$job->id/files/order.json")->assertOk()->getContent(), true);
        self::assertSame([2, null, 220.5], [$now['plan'], $now['released'], $now['order']['lines'][0]['length']]);
    }

    public function test_an_order_from_before_files_were_kept_has_them_made_of_its_revision_once(): void
    {
        $user = $this->member();
        $job = $this->job($user);
        $order = $job->orders()->create(['number' => 1, 'revision' => 1, 'lines' => [], 'released_by' => $user->id, 'released_by_name' => 'Somebody']);
        $this->save($user, $job, self::document(['rules' => ['order.extra' => 4]]), 1)->assertOk();

        $first = $this->actingAs($user)->get("/api/jobs/$job->id/orders/$order->id/files/cut-list.csv")->assertOk()->getContent();
        self::assertStringContainsString('218.5', (string) $first);
        self::assertSame(1, OrderFile::query()->where('order_id', $order->id)->count());
        self::assertSame($first, $this->get("/api/jobs/$job->id/orders/$order->id/files/cut-list.csv")->getContent());
    }

    public function test_only_files_of_this_jobs_orders_are_given(): void
    {
        $user = $this->member();
        [$job, $other] = [$this->job($user), $this->job($user)];
        $order = $this->actingAs($user)->postJson("/api/jobs/$job->id/orders", [], ['If-Match' => '"1"'])->json('id');

        $this->get("/api/jobs/$other->id/orders/$order/files/cut-list.csv")->assertNotFound();
        $this->get("/api/jobs/$job->id/orders/$order/files/cut-cards.pdf")->assertNotFound();
        $file = Order::query()->findOrFail($order)->files()->firstOrFail();
        $this->expectException(LogicException::class);
        $file->update(['content' => 'another']);
    }

    private function fileOf(string $job, int $order, string $name): string
    {
        return (string) $this->get("/api/jobs/$job/orders/$order/files/$name")->assertOk()->getContent();
    }
}
