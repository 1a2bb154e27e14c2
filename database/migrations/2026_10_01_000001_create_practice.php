<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What somebody practised. Practice houses are none of a crew's: they are drawn from their name, and only how it went is kept, with who it
 * was and not with any house.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('practice_visits', function (Blueprint $table): void {
            // Given by the phone it was done on: sent twice it is there once.
            $table->string('id', 36)->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('case', 60);
            $table->string('theme', 40);
            $table->json('deeds');
            $table->string('named', 200)->nullable();
            $table->boolean('with_advice');
            $table->boolean('is_right');
            $table->decimal('minutes', 7, 1);
            $table->json('dangers');
            $table->decimal('best_minutes', 7, 1)->nullable();
            $table->json('afterwards')->nullable();
            $table->timestamp('judge_failed_at')->nullable();
            $table->timestamps();
            $table->index(['user_id', 'created_at']);
        });
        Schema::create('practice_drills', function (Blueprint $table): void {
            $table->string('id', 36)->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 40);
            $table->unsignedInteger('seed');
            $table->unsignedSmallInteger('right');
            $table->unsignedSmallInteger('of');
            $table->unsignedInteger('seconds');
            $table->timestamps();
            $table->index(['user_id', 'created_at']);
        });
        // Whether the owner of the crew sees how it goes.
        Schema::table('users', fn(Blueprint $table) => $table->boolean('shows_practice')->default(false));
    }

    public function down(): void
    {
        Schema::table('users', fn(Blueprint $table) => $table->dropColumn('shows_practice'));
        Schema::dropIfExists('practice_drills');
        Schema::dropIfExists('practice_visits');
    }
};
