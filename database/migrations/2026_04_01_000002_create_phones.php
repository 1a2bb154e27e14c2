<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Phones and other browsers that somebody signed in on: one that is lost is wiped when it is heard of next. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('phones', function (Blueprint $table): void {
            $table->string('id', 40)->collation('ascii_bin')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('agent', 300);
            $table->timestamp('signed_in_at');
            $table->timestamp('lost_at')->nullable();
        });
    }
};
