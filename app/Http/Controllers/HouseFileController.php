<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\House;
use App\Persistence\HouseStore;
use Bouclier\Core\Exchange\HouseWriter;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A house out as its file. */
final class HouseFileController
{
    public function show(House $house, HouseStore $store): StreamedResponse
    {
        $json = HouseWriter::toJson($store->load($house));

        return response()->streamDownload(function () use ($json): void {
            echo $json;
        }, Str::slug($house->name) . '.house.json', ['Content-Type' => 'application/json']);
    }
}
