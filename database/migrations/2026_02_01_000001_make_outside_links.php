<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Pages for householders become links to outsiders of any kind: each with a purpose, an end, who made it and when it was last seen. */
return new class extends Migration {
    public function up(): void
    {
        Schema::rename('householder_pages', 'outside_links');
        Schema::table('outside_links', function (Blueprint $table): void {
            $table->renameColumn('kind', 'purpose');
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('expires_at')->nullable();
            $table->timestamp('withdrawn_at')->nullable();
            $table->timestamp('last_seen_at')->nullable();
        });
        DB::table('outside_links')->update(['expires_at' => now()->addDays(30)]);
    }

    public function down(): void
    {
        Schema::table('outside_links', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('user_id');
            $table->dropColumn(['expires_at', 'withdrawn_at', 'last_seen_at']);
            $table->renameColumn('purpose', 'kind');
        });
        Schema::rename('outside_links', 'householder_pages');
    }
};
