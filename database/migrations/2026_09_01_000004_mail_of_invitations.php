<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whether the mail went out that asks somebody in. Those there are went out long ago. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('invitations', function (Blueprint $table): void {
            $table->timestamp('mailed_at')->nullable();
            $table->timestamp('mail_failed_at')->nullable();
        });
        DB::table('invitations')->update(['mailed_at' => DB::raw('created_at')]);
    }

    public function down(): void
    {
        Schema::table('invitations', fn(Blueprint $table) => $table->dropColumn(['mailed_at', 'mail_failed_at']));
    }
};
