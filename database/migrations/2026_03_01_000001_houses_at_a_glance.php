<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How far each house is, kept with it: a list of houses opens none. Houses put away. Lengths as somebody wants them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('houses', function (Blueprint $table): void {
            // Null in a house nobody has changed since: worked out when it is listed.
            $table->json('progress')->nullable();
            $table->timestamp('archived_at')->nullable();
        });
        Schema::table('users', function (Blueprint $table): void {
            // Null: as the code of each house goes by.
            $table->string('length_unit', 2)->nullable();
        });
    }
};
