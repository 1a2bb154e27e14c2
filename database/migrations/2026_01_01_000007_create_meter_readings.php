<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Readings that a meter's bridge has sent to a crew, until somebody files them where the meter was held; and the tokens bridges send with.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('personal_access_tokens', function (Blueprint $table): void {
            $table->id();
            $table->ulidMorphs('tokenable');
            $table->string('name');
            $table->string('token', 64)->unique();
            $table->text('abilities')->nullable();
            $table->timestamp('last_used_at')->nullable();
            $table->timestamp('expires_at')->nullable()->index();
            $table->timestamps();
        });
        Schema::create('meter_readings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('crew_id')->constrained()->cascadeOnDelete();
            $table->string('instrument', 120);
            $table->json('reading');
            $table->timestamp('filed_at')->nullable();
            $table->timestamp('created_at', 3);
            $table->index(['crew_id', 'filed_at', 'created_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('meter_readings');
        Schema::dropIfExists('personal_access_tokens');
    }
};
