<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A search for the breaker of an outlet that is under way: one at a time in a house. What it finds out is filed as facts of the house. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('hunts', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('house_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('step')->default(0);
            $table->json('state');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('hunts');
    }
};
