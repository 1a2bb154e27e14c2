<?php

declare(strict_types=1);

use App\Actions\DeleteCrews;
use Illuminate\Support\Facades\Artisan;

Artisan::command('crews:delete-due', function (DeleteCrews $delete): void {
    $this->info("{$delete()} crews deleted.");
})->purpose('Deletes the crews whose days of grace are over');
