<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a crew marks the feed in a box it roughs in: twisted, taped, tagged. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('crews', fn(Blueprint $table) => $table->string('feed_mark', 200)->nullable());
    }

    public function down(): void
    {
        Schema::table('crews', fn(Blueprint $table) => $table->dropColumn('feed_mark'));
    }
};
