<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\EntryLists;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House\Entries\Entry;
use Bouclier\Core\House\Entries\EntryId;
use Bouclier\Core\House\Entries\EntryList;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/**
 * Observations, tests and records, so far kept as one whole with the house, as rows of their own: each is named by its id and added without
 * the others being written again.
 */
return new class extends Migration {
    private const CHUNK = 200;
    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    public function up(): void
    {
        Schema::create('entries', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('house_id')->constrained()->cascadeOnDelete();
            $table->string('list', 40);
            $table->string('ref', 80)->collation('utf8mb4_nopad_bin');
            $table->unsignedInteger('position');
            $table->json('said');
            $table->unique(['house_id', 'list', 'ref']);
            $table->index(['house_id', 'list', 'position']);
        });
        foreach (DB::table('houses')->whereNotNull('sections')->get(['id', 'sections']) as $house) {
            $sections = self::decoded($house->sections);
            foreach (EntryLists::in($sections) as $list) {
                $said = PartForm::readEach(EntryList::from($list)->of(), EntryLists::of($sections, $list));
                foreach (array_chunk(EntryId::givenToAll($said), self::CHUNK, true) as $entries) {
                    DB::table('entries')->insert(array_map(fn(Entry $entry, int $position): array => [
                        'id' => (string) Str::ulid(), 'house_id' => $house->id, 'list' => $list, 'ref' => $entry->id(),
                        'position' => $position,
                        'said' => json_encode(PartForm::write($entry), self::JSON),
                    ], $entries, array_keys($entries)));
                }
            }
            DB::table('houses')->where('id', $house->id)->update(['sections' => json_encode(EntryLists::emptied($sections), self::JSON)]);
        }
    }

    public function down(): void
    {
        foreach (DB::table('houses')->whereNotNull('sections')->get(['id', 'sections']) as $house) {
            $sections = self::decoded($house->sections);
            foreach (DB::table('entries')->where('house_id', $house->id)->orderBy('position')->get()->groupBy('list') as $list => $rows) {
                EntryLists::put(
                    $sections,
                    (string) $list,
                    array_values($rows->map(fn(object $row): stdClass => self::decoded($row->said))->all()),
                );
            }
            DB::table('houses')->where('id', $house->id)->update(['sections' => json_encode($sections, self::JSON)]);
        }
        Schema::dropIfExists('entries');
    }

    private static function decoded(mixed $json): stdClass
    {
        $data = json_decode(is_string($json) ? $json : '', false, 512, JSON_THROW_ON_ERROR);

        return $data instanceof stdClass ? $data : new stdClass();
    }
};
