<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Test records that were signed, kept as they were; and of a meter what a record names. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('test_records', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('house_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('number');
            $table->unsignedInteger('revision');
            $table->string('signed', 120);
            $table->char('digest', 64);
            $table->json('content');
            $table->timestamps();
            $table->unique(['house_id', 'number']);
        });
        // The page of a label lasts longer than a timestamp can say.
        Schema::table('outside_links', fn(Blueprint $table) => $table->dateTime('expires_at')->change());
        Schema::table('instruments', function (Blueprint $table): void {
            $table->string('serial', 60)->nullable();
            $table->date('calibrated_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('instruments', fn(Blueprint $table) => $table->dropColumn(['serial', 'calibrated_on']));
        Schema::dropIfExists('test_records');
    }
};
