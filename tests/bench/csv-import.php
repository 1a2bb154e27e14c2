<?php

declare(strict_types=1);

// php tests/bench/csv-import.php, with the settings of a running instance in the environment (`set -a; . var/app/settings` and the DB_
// names of bin/lib.sh): seconds to take in a table of 5,000 outlets through the application's own action, in one transaction that is rolled
// back, as a ratio to parsing the same table's cells alone.

use App\Actions\ChangeHouse;
use App\Actions\CreateHouse;
use App\Models\Crew;
use App\Models\User;
use App\Persistence\HouseStore;
use Bouclier\Core\Change\Commands\Edit;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Exchange\Csv;
use Bouclier\Core\Exchange\OutletTable;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\CodeOfPlace;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Work;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$rows = ['code,room,name,kind,device,serves,amps,exposure,height_ft,tr'];
for ($i = 1; $i <= 5000; ++$i) {
    $rows[] = sprintf('K1-%04d,K1,"Outlet %d, wall",receptacle,%s,general,20,dry,1.5,yes', $i, $i, $i % 9 === 0 ? 'gfci' : 'standard');
}
$csv = implode("\r\n", $rows);

DB::beginTransaction();
$crew = Crew::query()->create(['name' => 'Bench']);
$user = User::query()->create([
    'crew_id' => $crew->id,
    'name' => 'Bench',
    'email' => 'bench@bench.example',
    'password' => 'bench bench bench',
]);
$house = app(CreateHouse::class)(
    $crew,
    new House('Bench', Work::New, new CodeOfPlace(Edition::Nec2023), [new Area('k', 'K1', 'Kitchen', AreaKind::Kitchen)]),
);
$start = microtime(true);
$cells = Csv::cells($csv);
$parsed = microtime(true);
$read = (new OutletTable(app(HouseStore::class)->load($house)))->read($cells);
app(ChangeHouse::class)->by(
    new Edit(array_map(
        fn(array $row): Patch => new Patch('points', $row['id'], json_decode((string) json_encode($row['set']))),
        $read['rows'],
    )),
    $house,
    $user,
    0,
);
$done = microtime(true);
DB::rollBack();

printf("parsing the cells        %6.2f s\n", $parsed - $start);
printf(
    "5,000 rows taken in      %6.2f s   %.0f x   peak %.0f MB\n",
    $done - $start,
    ($done - $start) / ($parsed - $start),
    memory_get_peak_usage() / 1e6,
);
