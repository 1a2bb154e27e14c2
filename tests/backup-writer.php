<?php

declare(strict_types=1);

/** Takes houses in one after the other until it is killed: what a backup is made beside. */

use App\Actions\CreateHouse;
use App\Models\Crew;
use Bouclier\Core\Exchange\HouseReader;
use Illuminate\Contracts\Console\Kernel;

require __DIR__ . '/../vendor/autoload.php';
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$crew = Crew::query()->firstOrFail();
$house = (new HouseReader())->fromJson((string) file_get_contents(__DIR__ . '/../database/demo/plover-street-8.house.json'));
while (true) {
    $app->make(CreateHouse::class)($crew, $house);
}
