<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A list of houses is read a page at a time, in each of its orders by an index of its own; what is open in each is counted with its
 * progress.
 */
return new class extends Migration {
    private const OPEN = ['usual', 'untraced', 'items', 'failed'];

    public function up(): void
    {
        Schema::table('houses', function (Blueprint $table): void {
            $open = array_map(fn(string $one): string => "coalesce(json_value(progress, '$.$one'), 0)", self::OPEN);
            $table->integer('open')->storedAs(implode(' + ', $open));
            $table->index(['crew_id', 'archived_at', 'updated_at']);
            $table->index(['crew_id', 'archived_at', 'name']);
            $table->index(['crew_id', 'archived_at', 'open']);
        });
    }

    public function down(): void
    {
        Schema::table('houses', function (Blueprint $table): void {
            $table->dropIndex(['crew_id', 'archived_at', 'open']);
            $table->dropIndex(['crew_id', 'archived_at', 'name']);
            $table->dropIndex(['crew_id', 'archived_at', 'updated_at']);
            $table->dropColumn('open');
        });
    }
};
