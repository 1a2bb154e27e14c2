<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Pages a householder opens without signing in: questions before the visit, the log of a trial; and what a crew has found of how often
 * causes are met.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('householder_pages', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('house_id')->constrained()->cascadeOnDelete();
            $table->string('token', 64)->unique();
            $table->string('kind', 20);
            $table->json('asked');
            $table->json('answered')->nullable();
            $table->timestamp('answered_at')->nullable();
            $table->timestamp('taken_at')->nullable();
            $table->timestamps();
        });
        Schema::table('crews', fn(Blueprint $table) => $table->json('priors')->nullable());
    }

    public function down(): void
    {
        Schema::dropIfExists('householder_pages');
        Schema::table('crews', fn(Blueprint $table) => $table->dropColumn('priors'));
    }
};
