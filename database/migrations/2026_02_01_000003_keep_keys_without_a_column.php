<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the file says of a part and no column of its own holds: a new key of the format needs no change here. */
return new class extends Migration {
    private const PARTS = ['areas', 'panels', 'circuits', 'points', 'cables', 'appliances'];

    public function up(): void
    {
        foreach (self::PARTS as $part) {
            Schema::table($part, fn(Blueprint $table) => $table->json('more')->nullable());
        }
    }

    public function down(): void
    {
        foreach (self::PARTS as $part) {
            Schema::table($part, fn(Blueprint $table) => $table->dropColumn('more'));
        }
    }
};
