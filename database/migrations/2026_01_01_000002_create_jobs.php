<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('crew_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->unsignedInteger('revision');
            $table->timestamps();
        });
        // Never updated, never deleted: undo, history and conflicts all rest on it.
        Schema::create('job_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->longText('document');
            $table->char('hash', 64);
            $table->foreignId('author_id')->nullable()->constrained('users')->nullOnDelete();
            $table->string('author_name', 120);
            $table->json('change');
            $table->timestamp('created_at');
            $table->unique(['job_id', 'number']);
        });
        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('revision');
            $table->json('lines');
            $table->foreignId('released_by')->nullable()->constrained('users')->nullOnDelete();
            $table->string('released_by_name', 120);
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        foreach (['orders', 'job_revisions', 'jobs'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
