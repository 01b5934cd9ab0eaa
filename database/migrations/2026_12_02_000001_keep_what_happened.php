<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('facts', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('job_id')->constrained()->cascadeOnDelete();
            // Made by whoever tells it: told twice it is kept once.
            $table->uuid('fact');
            $table->string('kind', 12);
            $table->string('subject', 120);
            $table->json('said');
            $table->string('at', 24);
            $table->foreignId('author_id')->nullable()->constrained('users')->nullOnDelete();
            $table->string('author_name', 120);
            $table->timestamp('created_at');
            $table->unique(['job_id', 'fact']);
        });
        Schema::table('orders', function (Blueprint $table): void {
            // The newest fact that was known when it was released.
            $table->unsignedBigInteger('facts')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('orders', static fn (Blueprint $table) => $table->dropColumn('facts'));
        Schema::dropIfExists('facts');
    }
};
