<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;

/** Where the tests of a house are reminded of by mail; and the room its photographs take. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('outside_links', function (Blueprint $table): void {
            $table->string('mail', 254)->nullable();
            $table->dateTime('reminded_at')->nullable();
        });
        Schema::table('houses', fn(Blueprint $table) => $table->unsignedBigInteger('photo_bytes')->default(0));
        foreach (DB::table('houses')->pluck('id') as $house) {
            $bytes = array_sum(array_map(Storage::size(...), Storage::files("photos/$house")));
            DB::table('houses')->where('id', $house)->update(['photo_bytes' => $bytes]);
        }
    }

    public function down(): void
    {
        Schema::table('outside_links', fn(Blueprint $table) => $table->dropColumn(['mail', 'reminded_at']));
        Schema::table('houses', fn(Blueprint $table) => $table->dropColumn('photo_bytes'));
    }
};
