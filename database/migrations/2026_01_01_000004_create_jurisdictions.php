<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a local authority has adopted: an edition and its amendments, kept by the crew and taken by houses. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('jurisdictions', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('crew_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('edition', 20);
            $table->json('amendments');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('jurisdictions');
    }
};
