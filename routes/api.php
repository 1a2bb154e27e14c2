<?php

declare(strict_types=1);

use App\Http\Controllers\MeterController;
use App\Http\Middleware\WrongTokens;
use Illuminate\Support\Facades\Route;

// For the bridge of a meter, with a token of its own; nobody is signed in here.
Route::middleware([WrongTokens::class, 'auth:sanctum', 'throttle:meter'])->post('/readings', [MeterController::class, 'send']);
