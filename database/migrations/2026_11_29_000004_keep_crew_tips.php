<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('crew_tips', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('crew_id')->constrained()->cascadeOnDelete();
            $table->string('place', 80);
            $table->string('text', 280);
            $table->boolean('in_print')->default(false);
            $table->string('author_name');
            $table->timestamps();
            $table->index(['crew_id', 'place']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('crew_tips');
    }
};
