<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** At what age a crew replaces a device that still works. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('crews', fn(Blueprint $table) => $table->unsignedTinyInteger('replace_years')->nullable());
    }

    public function down(): void
    {
        Schema::table('crews', fn(Blueprint $table) => $table->dropColumn('replace_years'));
    }
};
