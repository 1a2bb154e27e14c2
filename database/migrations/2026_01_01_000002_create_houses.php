<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A house and its parts. Column names are those of the house file; `ref` is a part's id there. Null means "not said in the file".
 * What one part alone owns and nothing else looks up (a box, the halves of a duplex) is kept as JSON in its row.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('houses', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('crew_id')->constrained()->cascadeOnDelete();
            $table->string('name', 200);
            $table->string('work', 20);
            $table->string('edition', 20);
            $table->string('permit_date', 10)->nullable();
            $table->double('supply_volts')->nullable();
            $table->json('amendments')->nullable();
            $table->json('code_x')->nullable();
            $table->json('sections')->nullable();
            $table->json('x')->nullable();
            $table->unsignedInteger('revision')->default(0);
            $table->timestamps();
        });

        $this->part('areas', function (Blueprint $table): void {
            $table->string('code', 200);
            $table->string('name', 200);
            $table->string('kind', 40);
            $table->string('grade', 20)->nullable();
            $table->boolean('finished')->nullable();
            // Whether the file lists fixtures, be it none: "no water here" is more than nothing said.
            $table->boolean('fixtures_said')->default(false);
        });
        $this->part('fixtures', function (Blueprint $table): void {
            $table->foreignUlid('area_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 40);
        });
        $this->part('panels', function (Blueprint $table): void {
            $table->string('name', 200);
            $table->string('area', 80)->nullable();
            $table->string('fed_from', 80)->nullable();
            $table->json('feeder')->nullable();
        });
        $this->part('circuits', function (Blueprint $table): void {
            $table->foreignUlid('panel_id')->constrained();
            $table->string('slot', 200);
            $table->string('label', 200);
            $table->double('amps');
            $table->double('volts')->nullable();
            $table->unsignedTinyInteger('poles')->nullable();
            $table->string('breaker', 20)->nullable();
            $table->string('leg', 1)->nullable();
            $table->string('multiwire_with', 80)->nullable();
            $table->boolean('handle_tie')->nullable();
            $table->string('breaker_listing', 40)->nullable();
            $table->boolean('gf_element')->nullable();
            $table->string('installed_on', 10)->nullable();
            $table->boolean('self_test')->nullable();
        });
        $this->part('points', function (Blueprint $table): void {
            $table->foreignUlid('area_id')->constrained();
            $table->foreignUlid('circuit_id')->nullable()->constrained();
            $table->string('code', 200);
            $table->string('name', 200);
            $table->string('kind', 20);
            $table->string('device', 20);
            $table->double('amps')->nullable();
            $table->double('volts')->nullable();
            $table->string('serves', 40)->nullable();
            $table->string('exposure', 20)->nullable();
            $table->boolean('accessible')->nullable();
            $table->double('height_ft')->nullable();
            $table->boolean('distances_said')->default(false);
            $table->json('box')->nullable();
            $table->string('cover', 20)->nullable();
            $table->string('yoke', 20)->nullable();
            $table->json('halves')->nullable();
            $table->string('yoke_with', 80)->nullable();
            $table->double('feed_through_amps')->nullable();
            $table->string('ground', 20)->nullable();
            $table->string('work', 20)->nullable();
            $table->string('installed_on', 10)->nullable();
            $table->json('made_between')->nullable();
            $table->boolean('self_test')->nullable();
            $table->boolean('alone')->nullable();
            $table->json('tub_zone')->nullable();
            $table->json('labels')->nullable();
            $table->boolean('tr')->nullable();
            $table->boolean('wr')->nullable();
            $table->string('finish', 200)->nullable();
            $table->string('workmanship', 20)->nullable();
            $table->boolean('part_of_appliance')->nullable();
            $table->boolean('factory_fitted')->nullable();
            $table->boolean('gf_element')->nullable();
        });
        Schema::create('distances', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('point_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('fixture_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->double('ft');
            $table->string('crosses', 20)->nullable();
            $table->string('measured', 20)->nullable();
            $table->json('x')->nullable();
        });
        $this->part('cables', function (Blueprint $table): void {
            $table->foreignUlid('from_circuit_id')->nullable()->constrained('circuits');
            $table->foreignUlid('from_second_circuit_id')->nullable()->constrained('circuits');
            $table->foreignUlid('from_point_id')->nullable()->constrained('points');
            $table->json('from_land')->nullable();
            $table->json('from_x')->nullable();
            $table->foreignUlid('to_point_id')->constrained('points');
            $table->json('to_land')->nullable();
            $table->json('to_x')->nullable();
            $table->unsignedTinyInteger('awg')->nullable();
            $table->double('length_ft')->nullable();
            $table->unsignedTinyInteger('conductors')->nullable();
            $table->boolean('ground')->nullable();
            $table->string('method', 20)->nullable();
            $table->boolean('added')->nullable();
            $table->double('strap_ft')->nullable();
            $table->json('colours')->nullable();
            $table->string('mark', 200)->nullable();
        });
        $this->part('appliances', function (Blueprint $table): void {
            $table->foreignUlid('point_id')->nullable()->constrained();
            $table->string('name', 200);
            $table->double('watts')->nullable();
            $table->double('volts')->nullable();
            $table->boolean('on')->nullable();
            $table->string('class', 200)->nullable();
            $table->boolean('extension')->nullable();
            $table->json('leakage')->nullable();
            $table->boolean('critical')->nullable();
            $table->boolean('measured')->nullable();
        });

        Schema::create('revisions', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('house_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('number');
            $table->string('kind', 10);
            $table->string('summary', 300);
            $table->json('changed_parts');
            $table->unsignedInteger('of_number')->nullable();
            $table->unsignedInteger('undo_top')->nullable();
            $table->unsignedInteger('redo_top')->nullable();
            $table->timestamp('created_at', 3)->nullable();
            $table->unique(['house_id', 'number']);
        });
    }

    public function down(): void
    {
        foreach ([
            'revisions', 'appliances', 'cables', 'distances', 'points', 'circuits', 'panels', 'fixtures', 'areas', 'houses',
        ] as $table) {
            Schema::dropIfExists($table);
        }
    }

    /** @param \Closure(Blueprint): void $columns */
    private function part(string $name, \Closure $columns): void
    {
        Schema::create($name, function (Blueprint $table) use ($columns): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('house_id')->constrained()->cascadeOnDelete();
            // Ids tell upper from lower case and accents apart, as the file does.
            $table->string('ref', 80)->collation('utf8mb4_nopad_bin');
            $table->unsignedInteger('position');
            $columns($table);
            $table->json('x')->nullable();
            $table->unique(['house_id', 'ref']);
        });
    }
};
