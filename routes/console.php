<?php

declare(strict_types=1);

use App\Actions\DeleteCrews;
use App\Actions\RemindOwners;
use App\Models\House;
use App\Models\Told;
use App\Persistence\HouseStore;
use Bouclier\Core\Exchange\HouseWriter;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

Artisan::command('crews:delete-due', function (DeleteCrews $delete): void {
    $this->info("{$delete()} crews deleted.");
})->purpose('Deletes the crews whose days of grace are over');

Artisan::command('commands:forget-old', function (): void {
    $this->info(Told::query()->where('created_at', '<', now()->subDays(Told::DAYS))->delete() . ' commands forgotten.');
})->purpose('Forgets what was told by its id longer ago than any phone waits to send it');

Artisan::command('houses:files {folder}', function (HouseStore $store, string $folder): void {
    $houses = 0;
    foreach (House::query()->lazyById() as $house) {
        file_put_contents("$folder/{$house->id}.json", HouseWriter::toJson($store->load($house)));
        ++$houses;
    }
    $this->info("$houses house files.");
})->purpose('Writes the file of every house into a folder that is there');

Artisan::command('tests:remind', function (RemindOwners $remind): void {
    $this->info("{$remind()} reminded.");
})->purpose('Reminds who lives in a house by mail of the monthly tests that are due');

Artisan::command('cache:forget-expired', function (): void {
    $this->info(DB::table('cache')->where('expiration', '<', time())->delete() . ' kept things forgotten.');
    DB::table('cache_locks')->where('expiration', '<', time())->delete();
})->purpose('Forgets what the database keeps for later and nobody asked for in time');

Artisan::command('daily', function (): int {
    // What one of them cannot do keeps none of the others from being done.
    $done = array_map(
        fn(string $command): int => rescue(fn(): int => $this->call($command), 1),
        ['commands:forget-old', 'tests:remind', 'crews:delete-due', 'cache:forget-expired'],
    );

    return max($done);
})->purpose('What is done once a day');
