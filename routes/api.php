<?php

declare(strict_types=1);

use App\Http\Controllers\MeterController;
use Illuminate\Support\Facades\Route;

// For the bridge of a meter, with a token of its own; nobody is signed in here.
Route::middleware(['auth:sanctum', 'throttle:600,1'])->post('/readings', [MeterController::class, 'send']);
