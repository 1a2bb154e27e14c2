<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\OutletTableRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Persistence\HouseStore;
use App\Support\Sent;
use Bouclier\Core\Change\Commands\Edit;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Exchange\OutletCsv;
use Bouclier\Core\Exchange\OutletTable;
use Bouclier\Core\Exchange\RowFault;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Outlets as a table: out for a spreadsheet, and in from one, read before anything is stored. */
final readonly class OutletTableController
{
    public function __construct(
        private HouseStore $store,
        private ChangeHouse $change,
    ) {
    }

    public function show(House $house): Response
    {
        return Inertia::render(
            'houses/OutletTable',
            ['house' => ['id' => $house->id, 'name' => $house->name, 'revision' => $house->revision], 'columns' => OutletCsv::COLUMNS],
        );
    }

    public function download(House $house): StreamedResponse
    {
        $csv = OutletCsv::write($this->store->load($house));

        return response()->streamDownload(function () use ($csv): void {
            echo $csv;
        }, Str::slug($house->name) . '.outlets.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** What the table says, without storing it: headings, rows that can be read, cells that cannot. */
    public function read(OutletTableRequest $request, House $house): JsonResponse
    {
        $cells = $request->cells();
        $read = (new OutletTable($this->store->load($house)))->read($cells, $request->mapping());

        return response()->json([
            'headings' => $cells[0] ?? [],
            'columns' => $read['columns'],
            'ready' => count($read['rows']),
            'rows' => max(0, count($cells) - 1),
            'faults' => self::shown($read['faults']),
        ]);
    }

    /** All rows or none, in one change; bad rows are left out only when that was asked for. */
    public function store(OutletTableRequest $request, House $house): JsonResponse
    {
        $read = (new OutletTable($this->store->load($house)))->read($request->cells(), $request->mapping());
        if ($read['rows'] === [] || ($read['faults'] !== [] && ! $request->boolean('skip_bad_rows'))) {
            return response()->json(
                [
                    'message' => 'Nothing was taken in: ' . count($read['faults']) . ' cells could not be read.',
                    'faults' => self::shown($read['faults']),
                ],
                422,
            );
        }
        $patches = array_map(fn(array $row): Patch => new Patch('points', $row['id'], self::plain($row['set'])), $read['rows']);

        $this->change->by(new Edit($patches), $house, SignedIn::user($request), new Sent(knew: $request->revision()));

        return response()->json(['revision' => $house->revision, 'taken' => count($patches)]);
    }

    /** @param array<string, mixed> $set */
    private static function plain(array $set): \stdClass
    {
        /** @var \stdClass $plain a row has at least its code */
        $plain = json_decode(json_encode($set, JSON_THROW_ON_ERROR), false, 64, JSON_THROW_ON_ERROR);

        return $plain;
    }

    /**
     * @param list<RowFault> $faults
     *
     * @return list<array{row: int, column: string, message: string}>
     */
    private static function shown(array $faults): array
    {
        return array_map(
            fn(RowFault $fault): array => ['row' => $fault->row, 'column' => $fault->column, 'message' => $fault->message],
            array_slice($faults, 0, 500),
        );
    }
}
