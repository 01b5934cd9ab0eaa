<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->timestamp('archived_at')->nullable();
            $table->softDeletes();
        });
        Schema::table('job_revisions', function (Blueprint $table): void {
            // Kept, but not one of the states the job went through.
            $table->boolean('aside')->default(false);
            $table->string('turn', 4)->nullable();
            $table->unsignedInteger('turned_to')->nullable();
        });
        Schema::table('orders', function (Blueprint $table): void {
            $table->unsignedInteger('number')->default(0);
        });
        $numbers = [];
        foreach (DB::table('orders')->orderBy('id')->get(['id', 'job_id']) as $order) {
            $numbers[$order->job_id] = ($numbers[$order->job_id] ?? 0) + 1;
            DB::table('orders')->where('id', $order->id)->update(['number' => $numbers[$order->job_id]]);
        }
        Schema::table('orders', function (Blueprint $table): void {
            $table->unique(['job_id', 'number']);
        });
        // As they were made at the release: never made anew, so no later programme reckons them otherwise.
        Schema::create('order_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('type', 80);
            $table->longText('content');
            $table->unique(['order_id', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('order_files');
        Schema::table('orders', function (Blueprint $table): void {
            // The foreign key leans on it.
            $table->index('job_id');
            $table->dropUnique(['job_id', 'number']);
            $table->dropColumn('number');
        });
        Schema::table('job_revisions', fn (Blueprint $table) => $table->dropColumn(['aside', 'turn', 'turned_to']));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['archived_at', 'deleted_at']));
    }
};
