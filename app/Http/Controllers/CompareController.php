<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditionsRequest;
use App\Models\House;
use App\Persistence\HouseStore;
use Bouclier\Core\House\Edition;
use Bouclier\Sheets\Choices;
use Bouclier\Sheets\ComparisonSheet;
use Inertia\Inertia;
use Inertia\Response;

/** One house by two editions: what a town that adopts a newer one changes for it. */
final class CompareController
{
    public function show(EditionsRequest $request, House $house, HouseStore $store): Response
    {
        $core = $store->load($house);
        $to = $request->enum('to', Edition::class) ?? $core->code->edition;
        $from = $request->enum('from', Edition::class) ?? ($to === Edition::Nec2017 ? Edition::Nec2014 : Edition::Nec2017);

        return Inertia::render('houses/Compare', [
            'house' => ['id' => $house->id, 'name' => $core->name],
            'from' => $from->value,
            'to' => $to->value,
            'differences' => ComparisonSheet::of($core, $from, $to),
            'choices' => Choices::forHouses(),
        ]);
    }
}
