<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was told of a house by its own id, with what was answered: told twice, it is done once. Which phone a change came from. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('commands', function (Blueprint $table): void {
            $table->foreignUlid('house_id')->constrained()->cascadeOnDelete();
            $table->string('id', 40)->collation('ascii_bin');
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            // 200, or that of the refusal.
            $table->unsignedSmallInteger('status');
            // What was said beside the house as it is; of a refusal, all of it.
            $table->json('said');
            $table->timestamp('created_at')->useCurrent()->index();
            $table->primary(['house_id', 'id']);
        });
        Schema::table('revisions', function (Blueprint $table): void {
            $table->string('phone', 40)->nullable()->collation('ascii_bin');
            $table->string('command', 40)->nullable()->collation('ascii_bin');
            $table->index(['house_id', 'phone']);
        });
    }
};
