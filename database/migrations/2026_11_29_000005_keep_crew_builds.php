<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('crew_builds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('crew_id')->constrained()->cascadeOnDelete();
            $table->string('key', 60);
            $table->json('definition');
            $table->timestamps();
            $table->unique(['crew_id', 'key']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('crew_builds');
    }
};
