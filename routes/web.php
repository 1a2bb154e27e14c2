<?php

declare(strict_types=1);

use App\Http\Controllers\Auth\PasswordResetController;
use App\Http\Controllers\Auth\RegisterController;
use App\Http\Controllers\Auth\SessionController;
use App\Http\Controllers\BoxController;
use App\Http\Controllers\CallController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\CrewController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\HouseChangeController;
use App\Http\Controllers\HouseController;
use App\Http\Controllers\HouseFileController;
use App\Http\Controllers\HuntController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\JurisdictionController;
use App\Http\Controllers\LiveController;
use App\Http\Controllers\MeasureController;
use App\Http\Controllers\MeterController;
use App\Http\Controllers\NoteController;
use App\Http\Controllers\OpenItemController;
use App\Http\Controllers\OrderController;
use App\Http\Controllers\OutletTableController;
use App\Http\Controllers\OutsideController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\QuickEntryController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\RuleController;
use App\Http\Controllers\TraceController;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/houses');

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('login');
    Route::post('/sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('/register', [RegisterController::class, 'create'])->name('register');
    Route::post('/register', [RegisterController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('/forgot-password', [PasswordResetController::class, 'request'])->name('password.request');
    Route::post('/forgot-password', [PasswordResetController::class, 'send'])->middleware('throttle:sign-in');
    Route::get('/reset-password/{token}', [PasswordResetController::class, 'edit'])->name('password.reset');
    Route::post('/reset-password', [PasswordResetController::class, 'update'])->middleware('throttle:sign-in');
});

Route::middleware('throttle:outside')->group(function (): void {
    Route::get('/for-you/{token}', [OutsideController::class, 'show']);
    Route::post('/for-you/{token}', [OutsideController::class, 'answer']);
});

Route::middleware('auth')->group(function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy']);
    Route::get('/houses', [HouseController::class, 'index']);
    Route::post('/houses', [HouseController::class, 'store']);
    Route::get('/rules', [RuleController::class, 'index']);
    Route::get('/jurisdictions', [JurisdictionController::class, 'index']);
    Route::post('/jurisdictions', [JurisdictionController::class, 'store']);
    Route::middleware('can:update,jurisdiction')->group(function (): void {
        Route::put('/jurisdictions/{jurisdiction}', [JurisdictionController::class, 'update']);
        Route::delete('/jurisdictions/{jurisdiction}', [JurisdictionController::class, 'destroy']);
    });
    Route::post('/meter/token', [MeterController::class, 'token']);
    Route::get('/meter/arrivals', [MeterController::class, 'arrivals']);
    Route::post('/meter/arrivals/{reading}/taken', [MeterController::class, 'taken']);
    Route::get('/appliances', [CrewController::class, 'appliances']);
    Route::put('/appliances', [CrewController::class, 'leakage']);
    Route::get('/priors', [CrewController::class, 'priors']);
    Route::put('/priors', [CrewController::class, 'prior']);
    Route::put('/crew', [CrewController::class, 'update']);
    Route::get('/instruments', [InstrumentController::class, 'index']);
    Route::post('/instruments', [InstrumentController::class, 'store']);
    Route::delete('/instruments/{instrument}', [InstrumentController::class, 'destroy'])->middleware('can:update,instrument');

    Route::middleware('can:view,house')->group(function (): void {
        Route::get('/houses/{house}', [HouseController::class, 'show']);
        Route::get('/houses/{house}/sheet', [HouseController::class, 'sheet']);
        Route::get('/houses/{house}/outlets/{point}/alternatives', [HouseController::class, 'alternatives']);
        Route::get('/houses/{house}/survey', [HouseController::class, 'survey']);
        Route::get('/houses/{house}/file', [HouseFileController::class, 'show']);
        Route::get('/houses/{house}/outlets', [OutletTableController::class, 'show']);
        Route::get('/houses/{house}/outlets.csv', [OutletTableController::class, 'download']);
        Route::post('/houses/{house}/outlets/read', [OutletTableController::class, 'read']);
        Route::get('/houses/{house}/compare', [CompareController::class, 'show']);
        Route::get('/houses/{house}/history', [HistoryController::class, 'index']);
        Route::get('/houses/{house}/history/{number}', [HistoryController::class, 'show'])->whereNumber('number');
        Route::get('/houses/{house}/pulse', [HuntController::class, 'pulse']);
        Route::get('/houses/{house}/trips', [CallController::class, 'show']);
        Route::get('/houses/{house}/runs', [TraceController::class, 'show']);
        Route::get('/houses/{house}/outlets/{point}/breakers', [HuntController::class, 'candidates']);
        Route::get('/houses/{house}/outlets/{point}/box', [BoxController::class, 'show']);
        Route::get('/houses/{house}/outlets/{point}/measures', [MeasureController::class, 'show']);
        Route::post('/houses/{house}/outlets/{point}/back', [BoxController::class, 'back']);
        Route::get('/houses/{house}/photos/{index}', [PhotoController::class, 'show'])->whereNumber('index');
        Route::post('/houses/{house}/entry/read', [QuickEntryController::class, 'read']);
    });
    Route::middleware('can:update,house')->group(function (): void {
        Route::post('/houses/{house}/changes', [HouseChangeController::class, 'store']);
        Route::post('/houses/{house}/entry', [QuickEntryController::class, 'store']);
        Route::post('/houses/{house}/history/{number}/restore', [HistoryController::class, 'restore'])->whereNumber('number');
        Route::post('/houses/{house}/outlets', [OutletTableController::class, 'store']);
        Route::post('/houses/{house}/readings', [ReadingController::class, 'store']);
        Route::post('/houses/{house}/order', [OrderController::class, 'move']);
        Route::post('/houses/{house}/removals', [OrderController::class, 'remove']);
        Route::post('/houses/{house}/items', [OpenItemController::class, 'store']);
        Route::post('/houses/{house}/items/{index}/close', [OpenItemController::class, 'close'])->whereNumber('index');
        Route::post('/houses/{house}/observations', [TraceController::class, 'observe']);
        Route::post('/houses/{house}/observations/{index}/withdraw', [TraceController::class, 'withdraw'])->whereNumber('index');
        Route::post('/houses/{house}/runs/keep', [TraceController::class, 'keep']);
        Route::post('/houses/{house}/breakers', [LiveController::class, 'turn']);
        Route::post('/houses/{house}/mains', [LiveController::class, 'main']);
        Route::post('/houses/{house}/locks', [LiveController::class, 'lock']);
        Route::post('/houses/{house}/proofs', [LiveController::class, 'prove']);
        Route::post('/houses/{house}/outlets/{point}/box', [LiveController::class, 'box']);
        Route::post('/houses/{house}/hunt', [HuntController::class, 'begin']);
        Route::post('/houses/{house}/hunt/flipped', [HuntController::class, 'flipped']);
        Route::post('/houses/{house}/hunt/looked', [HuntController::class, 'looked']);
        Route::delete('/houses/{house}/hunt', [HuntController::class, 'end']);
        Route::post('/houses/{house}/outlets/{point}/checks', [BoxController::class, 'check']);
        Route::post('/houses/{house}/outlets/{point}/tests', [MeasureController::class, 'test']);
        Route::post('/houses/{house}/outlets/{point}/notes', [NoteController::class, 'store']);
        Route::post('/houses/{house}/outlets/{point}/photos', [PhotoController::class, 'store']);
        Route::post('/houses/{house}/call', [CallController::class, 'tell']);
        Route::post('/houses/{house}/call/answers', [CallController::class, 'answers']);
        Route::post('/houses/{house}/call/tests', [CallController::class, 'test']);
        Route::post('/houses/{house}/call/tests/{index}/withdraw', [CallController::class, 'withdraw'])->whereNumber('index');
        Route::post('/houses/{house}/call/cannot', [CallController::class, 'cannot']);
        Route::post('/houses/{house}/call/close', [CallController::class, 'close']);
        Route::post('/houses/{house}/call/questions', [OutsideController::class, 'ask']);
        Route::post('/houses/{house}/call/trial', [OutsideController::class, 'begin']);
        Route::post('/houses/{house}/call/pages/{link}/withdraw', [OutsideController::class, 'withdraw']);
        Route::post('/houses/{house}/call/pages/{link}/take', [OutsideController::class, 'take']);
        Route::post('/houses/{house}/undo', [HouseChangeController::class, 'undo']);
        Route::post('/houses/{house}/redo', [HouseChangeController::class, 'redo']);
    });
});
