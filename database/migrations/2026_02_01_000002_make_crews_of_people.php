<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Roles, invitations, registrations that wait for their mail, sessions that can be listed, a second step at sign-in, crews that are to be
 * deleted.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('role', 20)->default('owner');
            $table->foreignUlid('guest_house_id')->nullable()->constrained('houses')->nullOnDelete();
            $table->date('guest_until')->nullable();
            $table->text('totp_secret')->nullable();
            $table->timestamp('totp_confirmed_at')->nullable();
            $table->unsignedBigInteger('totp_last_step')->nullable();
            $table->json('recovery_codes')->nullable();
        });
        // Who leaves a crew keeps the account, and the crew keeps the name beside what was filed.
        Schema::table('users', function (Blueprint $table): void {
            $table->dropForeign(['crew_id']);
            $table->foreignUlid('crew_id')->nullable()->change();
            $table->foreign('crew_id')->references('id')->on('crews')->nullOnDelete();
        });
        // The first of a crew owns it, the others are electricians.
        foreach (DB::table('users')->orderBy('created_at')->orderBy('id')->get(['id', 'crew_id'])->groupBy('crew_id') as $users) {
            DB::table('users')->whereIn('id', $users->skip(1)->pluck('id'))->update(['role' => 'electrician']);
        }
        Schema::table('crews', fn(Blueprint $table) => $table->timestamp('deletes_at')->nullable());
        Schema::create('invitations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('crew_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('email', 190);
            $table->string('role', 20);
            $table->foreignUlid('house_id')->nullable()->constrained()->cascadeOnDelete();
            $table->date('guest_until')->nullable();
            $table->string('token_hash', 64)->unique();
            $table->timestamp('expires_at')->nullable();
            $table->timestamp('accepted_at')->nullable();
            $table->timestamps();
        });
        Schema::create('registrations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('email', 190);
            $table->string('name', 120);
            $table->string('crew', 120);
            $table->string('password');
            $table->string('token_hash', 64)->unique();
            $table->timestamp('expires_at')->nullable();
            $table->timestamp('used_at')->nullable();
            $table->timestamps();
        });
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->string('user_id', 26)->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
    }

    public function down(): void
    {
        array_map(Schema::dropIfExists(...), ['sessions', 'registrations', 'invitations']);
        Schema::table('crews', fn(Blueprint $table) => $table->dropColumn('deletes_at'));
        Schema::table('users', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('guest_house_id');
            $table->dropColumn(['role', 'guest_until', 'totp_secret', 'totp_confirmed_at', 'totp_last_step', 'recovery_codes']);
        });
    }
};
