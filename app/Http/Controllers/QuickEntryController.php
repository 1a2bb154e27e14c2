<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\HouseAnswer;
use App\Http\Requests\EntryRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Persistence\HouseStore;
use App\Persistence\Judged;
use Bouclier\Core\Change\Commands\Edit;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Survey\EnteredLine;
use Bouclier\Core\Survey\EntryFault;
use Bouclier\Core\Survey\QuickEntry;
use Illuminate\Http\JsonResponse;

/** Quick entry: a line read as it is typed, and carried out when it is sent. */
final readonly class QuickEntryController
{
    public function __construct(
        private HouseStore $store,
        private ChangeHouse $change,
    ) {
    }

    public function read(EntryRequest $request, House $house): JsonResponse
    {
        return response()->json($this->shown($this->parse($request, $house)));
    }

    public function store(EntryRequest $request, House $house): JsonResponse
    {
        $entry = $this->parse($request, $house);
        if (! $entry->isReady()) {
            return response()->json(['message' => $entry->faults[0]->message ?? 'The line says nothing yet', ...$this->shown($entry)], 422);
        }
        $edit = new Edit(Patch::allOf($entry));

        return HouseAnswer::judged(
            $house,
            $this->change->by($edit, $house, SignedIn::user($request), $request->revision()),
            ['entered' => ['in' => $entry->in, 'id' => $entry->id, 'area' => $entry->area, 'echo' => $entry->echo]],
        );
    }

    private function parse(EntryRequest $request, House $house): EnteredLine
    {
        return (new QuickEntry(Judged::by($house, $this->store->load($house))))->parse(
            $request->line(),
            $request->area(),
            $request->last(),
        );
    }

    /** @return array<string, mixed> */
    private function shown(EnteredLine $entry): array
    {
        return [
            'echo' => $entry->echo,
            'ready' => $entry->isReady(),
            'in' => $entry->in,
            'id' => $entry->id,
            'isNew' => $entry->isNew,
            'changes' => $entry->set !== [] || $entry->also !== [],
            'faults' => array_map(
                fn(EntryFault $fault): array => get_object_vars($fault),
                $entry->faults,
            ),
        ];
    }
}
