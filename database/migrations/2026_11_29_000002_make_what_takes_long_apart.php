<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // The framework's queue; `jobs` is taken.
        Schema::create('queued', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('works', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 200)->unique();
            $table->foreignId('user_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->float('done')->default(0);
            $table->timestamp('created_at');
            $table->timestamp('asked_at');
            $table->timestamp('begun_at')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->boolean('failed')->default(false);
            $table->string('worker', 120)->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('works');
        Schema::dropIfExists('queued');
    }
};
