<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Crew;
use App\Models\House;
use App\Persistence\HouseStore;
use App\Support\Clock;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\Live\Proving;
use Illuminate\Support\Facades\DB;

/** A crew takes on a house: a blank one, or one from a file, each code in it once. All of it is stored or nothing is. */
final readonly class CreateHouse
{
    public function __construct(private HouseStore $store)
    {
    }

    public function __invoke(Crew $crew, CoreHouse $core): House
    {
        return DB::transaction(function () use ($crew, $core): House {
            $house = new House(['crew_id' => $crew->id, 'revision' => 0]);
            $this->store->create($house, LocationCodes::madeUnique(Proving::leftBehind($core, Clock::now())));

            return $house;
        });
    }
}
