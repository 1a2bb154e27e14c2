<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a crew's parts and time cost, since when, and the licence its offers name. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('crews', function (Blueprint $table): void {
            $table->string('licence', 60)->nullable();
            $table->json('prices')->nullable();
            $table->date('priced_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('crews', function (Blueprint $table): void {
            $table->dropColumn(['licence', 'prices', 'priced_on']);
        });
    }
};
