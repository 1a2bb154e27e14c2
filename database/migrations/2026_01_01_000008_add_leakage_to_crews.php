<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a crew has found appliances of a class to leak, where it differs from what ships. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('crews', fn(Blueprint $table) => $table->json('leakage')->nullable());
    }

    public function down(): void
    {
        Schema::table('crews', fn(Blueprint $table) => $table->dropColumn('leakage'));
    }
};
