<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which device a crew puts in where either is allowed: 15 or 20 A. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('crews', fn(Blueprint $table) => $table->unsignedTinyInteger('device_amps')->nullable());
    }

    public function down(): void
    {
        Schema::table('crews', fn(Blueprint $table) => $table->dropColumn('device_amps'));
    }
};
