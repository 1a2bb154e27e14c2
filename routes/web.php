<?php

declare(strict_types=1);

use App\Http\Controllers\Account\AccountController;
use App\Http\Controllers\Account\SecondStepSetupController;
use App\Http\Controllers\Auth\PasswordResetController;
use App\Http\Controllers\Auth\RegisterController;
use App\Http\Controllers\Auth\SecondStepController;
use App\Http\Controllers\Auth\SessionController;
use App\Http\Controllers\BoxController;
use App\Http\Controllers\CallController;
use App\Http\Controllers\CommandController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\Crew\CrewController;
use App\Http\Controllers\Crew\InvitationController;
use App\Http\Controllers\Crew\PeopleController;
use App\Http\Controllers\Crew\PricesController;
use App\Http\Controllers\Crew\SettingsController;
use App\Http\Controllers\DecideController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\HouseController;
use App\Http\Controllers\HouseFileController;
use App\Http\Controllers\HuntController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\JurisdictionController;
use App\Http\Controllers\KeepController;
use App\Http\Controllers\MeasureController;
use App\Http\Controllers\MeterController;
use App\Http\Controllers\OfferController;
use App\Http\Controllers\OutletTableController;
use App\Http\Controllers\OutsideController;
use App\Http\Controllers\OwnerController;
use App\Http\Controllers\PaperController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\ProveController;
use App\Http\Controllers\QuickEntryController;
use App\Http\Controllers\RuleController;
use App\Http\Controllers\TraceController;
use Bouclier\Core\Change\CommandList;
use Bouclier\Sheets\Deciding;
use Illuminate\Support\Facades\Route;
use Inertia\Inertia;

// Whole numbers in addresses have at most nine digits: more is no place in any list.
Route::pattern('number', '[0-9]{1,9}');
// An id of an entry is any text of a house file; a photograph is named by what is in it.
Route::pattern('entry', '.{1,80}');
Route::pattern('photo', '[0-9a-f]{64}\.(jpg|jpeg|png|webp)');

/** @param array<string, class-string> $list by address */
$told = function (array $list): void {
    foreach (array_keys($list) as $address) {
        Route::post("/$address", [CommandController::class, 'tell'])->defaults('command', $address);
    }
};

Route::redirect('/', '/houses');

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('login');
    Route::get('/second-step', [SecondStepController::class, 'create']);
    Route::get('/register', [RegisterController::class, 'create'])->name('register');
    Route::get('/register/confirm/{token}', [RegisterController::class, 'confirm']);
    Route::get('/forgot-password', [PasswordResetController::class, 'request'])->name('password.request');
    Route::get('/reset-password/{token}', [PasswordResetController::class, 'edit'])->name('password.reset');
    Route::middleware('throttle:sign-in')->group(function (): void {
        Route::post('/sign-in', [SessionController::class, 'store']);
        Route::post('/second-step', [SecondStepController::class, 'store']);
        Route::post('/register', [RegisterController::class, 'store']);
        Route::post('/register/confirm/{token}', [RegisterController::class, 'confirmed']);
        Route::post('/forgot-password', [PasswordResetController::class, 'send']);
        Route::post('/reset-password', [PasswordResetController::class, 'update']);
    });
});

// By the address alone, for as long as it is good.
Route::middleware('throttle:outside')->group(function (): void {
    Route::get('/for-you/{token}', [OutsideController::class, 'show']);
    Route::post('/for-you/{token}', [OutsideController::class, 'answer']);
    Route::post('/for-you/{token}/offer', [OfferController::class, 'answer']);
    Route::get('/for-you/{token}/paper', [OfferController::class, 'paper']);
    Route::post('/for-you/{token}/told', [OwnerController::class, 'tell']);
    Route::delete('/for-you/{token}/mail', [OwnerController::class, 'unmail']);
    Route::get('/for-you/{token}/calendar.ics', [OwnerController::class, 'calendar']);
    Route::get('/for-you/{token}/photos/{photo}', [OwnerController::class, 'photo']);
    Route::get('/invitations/{token}', [InvitationController::class, 'show']);
    Route::post('/invitations/{token}', [InvitationController::class, 'accept']);
});

// An account, be it in a crew or not.
Route::middleware('auth')->group(function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy']);
    Route::get('/account', [AccountController::class, 'show']);
    Route::put('/account/lengths', [AccountController::class, 'lengths']);
    Route::put('/account/password', [AccountController::class, 'password']);
    Route::delete('/account/sessions', [AccountController::class, 'endOthers']);
    Route::delete('/account/sessions/{session}', [AccountController::class, 'end']);
    Route::post('/account/phones/{phone}/lost', [AccountController::class, 'lost']);
    Route::post('/account/second-step', [SecondStepSetupController::class, 'begin']);
    Route::post('/account/second-step/confirm', [SecondStepSetupController::class, 'confirm'])->middleware('throttle:sign-in');
    Route::post('/account/second-step/codes', [SecondStepSetupController::class, 'codes'])->middleware('throttle:sign-in');
    Route::delete('/account/second-step', [SecondStepSetupController::class, 'destroy'])->middleware('throttle:sign-in');
    Route::delete('/meter/tokens/{token}', [MeterController::class, 'endToken']);
    Route::get('/no-crew', fn() => Inertia::render('NoCrew'));
    Route::post('/crew', [PeopleController::class, 'begin']);
});

Route::middleware(['auth', 'crew', 'throttle:crew'])->group(function () use ($told): void {
    Route::get('/houses', [HouseController::class, 'index']);
    Route::get('/rules', [RuleController::class, 'index']);
    Route::middleware('can:work')->get('/keep', [KeepController::class, 'index']);
    Route::post('/crew/leave', [PeopleController::class, 'leave']);

    Route::middleware('can:work')->group(function (): void {
        Route::get('/jurisdictions', [JurisdictionController::class, 'index']);
        Route::get('/appliances', [SettingsController::class, 'appliances']);
        Route::get('/priors', [SettingsController::class, 'priors']);
        Route::get('/prices', [PricesController::class, 'show']);
        Route::get('/prices.csv', [PricesController::class, 'download']);
        Route::get('/instruments', [InstrumentController::class, 'index']);
        Route::post('/instruments', [InstrumentController::class, 'store']);
        Route::delete('/instruments/{instrument}', [InstrumentController::class, 'destroy'])->middleware('can:update,instrument');
        Route::post('/meter/token', [MeterController::class, 'token']);
        Route::get('/meter/arrivals', [MeterController::class, 'arrivals']);
        Route::post('/meter/arrivals/{reading}/taken', [MeterController::class, 'taken']);
    });
    Route::middleware('can:work')->prefix('/practice')->group(function (): void {
        Route::get('/', [PracticeController::class, 'index']);
        Route::post('/ask/{asked}', [PracticeController::class, 'ask'])->where('asked', 'visit|advice|causes|drill|drill/answer');
        Route::post('/draws', [PracticeController::class, 'draw']);
        Route::post('/visits', [PracticeController::class, 'keepVisit']);
        Route::get('/visits/{visit}', [PracticeController::class, 'visit'])->middleware('can:view,visit');
        Route::post('/drills', [PracticeController::class, 'keepDrill']);
        Route::put('/showing', [PracticeController::class, 'show']);
        Route::get('/practice.csv', [PracticeController::class, 'own']);
        Route::get('/crew.csv', [PracticeController::class, 'crew'])->middleware('can:settle');
    });
    Route::middleware('can:begin-houses')->post('/houses', [HouseController::class, 'store']);
    Route::middleware('can:settle')->group(function (): void {
        Route::post('/jurisdictions', [JurisdictionController::class, 'store']);
        Route::put('/jurisdictions/{jurisdiction}', [JurisdictionController::class, 'update'])->middleware('can:update,jurisdiction');
        Route::delete('/jurisdictions/{jurisdiction}', [JurisdictionController::class, 'destroy'])->middleware('can:update,jurisdiction');
        Route::put('/appliances', [SettingsController::class, 'leakage']);
        Route::put('/prices', [PricesController::class, 'update']);
        Route::post('/prices/csv', [PricesController::class, 'take']);
        Route::put('/priors', [SettingsController::class, 'prior']);
        Route::put('/crew', [SettingsController::class, 'update']);
        Route::get('/people', [PeopleController::class, 'index']);
        Route::put('/people/{person}', [PeopleController::class, 'update']);
        Route::delete('/people/{person}', [PeopleController::class, 'destroy']);
        Route::post('/invitations', [InvitationController::class, 'store']);
        Route::delete('/invitations/{invitation}', [InvitationController::class, 'destroy']);
        Route::get('/crew/export', [CrewController::class, 'export']);
        Route::post('/crew/deletion', [CrewController::class, 'delete'])->middleware('throttle:sign-in');
        Route::delete('/crew/deletion', [CrewController::class, 'keep']);
    });

    Route::prefix('/houses/{house}')->group(function () use ($told): void {
        Route::middleware('can:view,house')->group(function (): void {
            Route::get('/', [HouseController::class, 'show']);
            // What the page asks for again and again: nothing is sent where nothing changed.
            Route::middleware('cache.headers:private;no_cache;etag')->group(function (): void {
                Route::get('/sheet', [HouseController::class, 'sheet']);
                Route::get('/pocket', [HouseController::class, 'pocket']);
                Route::get('/outlets/{point}/alternatives', [HouseController::class, 'alternatives']);
                Route::get('/outlets/{point}/reads', [HouseController::class, 'reads']);
                Route::get('/pulse', [HuntController::class, 'pulse']);
                Route::get('/call/sheet', [CallController::class, 'show']);
                Route::get('/runs', [TraceController::class, 'show']);
                Route::get('/round', [ProveController::class, 'show']);
                Route::get('/kept', [KeepController::class, 'show']);
                Route::get('/outlets/{point}/breakers', [HuntController::class, 'candidates']);
                Route::get('/outlets/{point}/box', [BoxController::class, 'show']);
                Route::get('/outlets/{point}/measures', [MeasureController::class, 'show']);
            });
            Route::get('/papers', [PaperController::class, 'index']);
            Route::get('/papers/record/{number}', [PaperController::class, 'signed']);
            Route::get('/papers/{paper}.pdf', [PaperController::class, 'show'])->middleware('can:file,house');
            Route::get('/plans', [DecideController::class, 'show']);
            Route::get('/offers', [OfferController::class, 'index']);
            Route::post('/plans/{what}', [DecideController::class, 'show'])->whereIn('what', Deciding::ASKED);
            Route::get('/survey', [HouseController::class, 'survey']);
            Route::get('/file', [HouseFileController::class, 'show']);
            Route::get('/outlets', [OutletTableController::class, 'show']);
            Route::get('/outlets.csv', [OutletTableController::class, 'download']);
            Route::get('/compare', [CompareController::class, 'show']);
            Route::get('/rules', [RuleController::class, 'house']);
            Route::post('/amendment-effects', [JurisdictionController::class, 'effect']);
            Route::get('/history', [HistoryController::class, 'index']);
            Route::get('/history/{number}', [HistoryController::class, 'show']);
            Route::get('/photos/{photo}', [PhotoController::class, 'show']);
            // What is looked at in the house, by the job and the location code: the page reads it.
            Route::get('/{place}', [HouseController::class, 'show'])
                ->where('place', '(?:(?:call|found|trace|trips|decide|prove|keep|at)(?:/.*)?|[^/]*\d.*)');
        });
        // Facts: what was read, seen, turned or proved.
        Route::middleware('can:file,house')->group(function () use ($told): void {
            $told(CommandList::FACTS);
            Route::post('/outlets/{point}/photos', [PhotoController::class, 'store'])->defaults('command', 'outlets/{point}/photos');
            Route::post('/papers/record', [PaperController::class, 'sign']);
            Route::post('/papers/pages', [PaperController::class, 'leave']);
            Route::post('/papers/pages/{link}/withdraw', [PaperController::class, 'withdraw']);
            Route::post('/hunt', [HuntController::class, 'begin']);
            Route::post('/hunt/flipped', [HuntController::class, 'flipped']);
            Route::post('/hunt/looked', [HuntController::class, 'looked']);
            Route::delete('/hunt', [HuntController::class, 'end']);
        });
        // The house itself, and what is made of its facts.
        Route::middleware('can:update,house')->group(function () use ($told): void {
            $told(CommandList::CHANGES);
            Route::post('/undo', [CommandController::class, 'undo'])->defaults('command', 'undo');
            Route::post('/redo', [CommandController::class, 'redo'])->defaults('command', 'redo');
            Route::post('/offers', [OfferController::class, 'store']);
            Route::post('/offers/{link}/withdraw', [OfferController::class, 'withdraw']);
            Route::put('/archive', [HouseController::class, 'archive']);
            Route::post('/entry/read', [QuickEntryController::class, 'read']);
            Route::post('/history/{number}/restore', [HistoryController::class, 'restore']);
            Route::post('/outlets', [OutletTableController::class, 'store']);
            Route::post('/outlets/read', [OutletTableController::class, 'read']);
            Route::post('/call/questions', [OutsideController::class, 'ask']);
            Route::post('/call/trial', [OutsideController::class, 'begin']);
            Route::post('/call/pages/{link}/withdraw', [OutsideController::class, 'withdraw']);
            Route::post('/call/pages/{link}/take', [OutsideController::class, 'take']);
        });
    });
});
