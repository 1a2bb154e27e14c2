<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\House;
use App\Persistence\HouseStore;
use Bouclier\Sheets\RuleSheet;
use Inertia\Inertia;
use Inertia\Response;

/** The code book as it is. */
final class RuleController
{
    public function index(): Response
    {
        return Inertia::render('Rules', RuleSheet::shipped());
    }

    /** With the outlets of one house that each rule binds. */
    public function house(House $house, HouseStore $store): Response
    {
        $core = $store->load($house);

        return Inertia::render('Rules', [...RuleSheet::of($core), 'house' => ['id' => $house->id, 'name' => $core->name]]);
    }
}
