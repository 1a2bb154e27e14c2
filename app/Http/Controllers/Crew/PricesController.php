<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Http\Requests\PricesRequest;
use App\Http\SignedIn;
use App\Models\Crew;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\PriceCsv;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\PriceTable;
use Bouclier\Core\Plan\Task;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What parts and time cost a crew, with the day it was last said: line by line, or as a table for a spreadsheet. */
final class PricesController
{
    private const MOST_BYTES = 200_000;

    public function show(Request $request): Response
    {
        $crew = SignedIn::crew($request);
        $table = self::table($crew);

        return Inertia::render('Prices', [
            'parts' => array_map(fn(Item $item): array => [
                'name' => $item->value,
                'label' => $item->label(),
                'value' => $table->price($item),
                'isOwn' => $table->isOwn($item),
            ], Item::cases()),
            'minutes' => array_map(fn(Task $task): array => [
                'name' => $task->value,
                'label' => $task->label(),
                'value' => $table->minutes($task),
                'isOwn' => $table->isOwn($task),
            ], Task::cases()),
            'rate' => ['value' => $table->ratePerHour, 'isOwn' => $table->isOwnRate()],
            'licence' => $crew->licence,
            'since' => $crew->priced_on?->toDateString(),
        ]);
    }

    public function update(PricesRequest $request): RedirectResponse
    {
        $crew = SignedIn::crew($request);
        if ($request->has('licence')) {
            $crew->update(['licence' => $request->filled('licence') ? $request->string('licence')->toString() : null]);

            return back();
        }
        $this->priced($crew, $request->said(...));

        return back();
    }

    public function download(Request $request): StreamedResponse
    {
        $csv = PriceCsv::write(self::table(SignedIn::crew($request)));

        return response()->streamDownload(function () use ($csv): void {
            echo $csv;
        }, 'prices.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** A table from a spreadsheet: all of it, or none. */
    public function take(Request $request): RedirectResponse
    {
        $file = $request->file('table');
        $text = $file instanceof UploadedFile && $file->getSize() <= self::MOST_BYTES ? $file->getContent() : null;
        if ($text === null) {
            throw ValidationException::withMessages(['table' => 'A table of prices of 200 kB at most.']);
        }
        try {
            $read = PriceCsv::read($text);
        } catch (BadHouseFile $bad) {
            throw ValidationException::withMessages(['table' => implode(' ', array_column($bad->faults, 'message'))]);
        }
        $this->priced(SignedIn::crew($request), fn(PriceTable $own): PriceTable => $own->and($read));

        return back();
    }

    private static function table(Crew $crew): PriceTable
    {
        return PriceTable::in($crew->prices ?? []);
    }

    /** @param \Closure(PriceTable): PriceTable $with */
    private function priced(Crew $crew, \Closure $with): void
    {
        DB::transaction(function () use ($crew, $with): void {
            $locked = Crew::query()->lockForUpdate()->findOrFail($crew->id);
            $locked->update(['prices' => $with(self::table($locked))->own(), 'priced_on' => now()->toDateString()]);
        });
        $crew->refresh();
    }
}
