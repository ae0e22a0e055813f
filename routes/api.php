<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AlmanacController;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\BuildController;
use App\Http\Controllers\ClockController;
use App\Http\Controllers\ColourController;
use App\Http\Controllers\DiaryController;
use App\Http\Controllers\DraftController;
use App\Http\Controllers\FinishCardController;
use App\Http\Controllers\JarController;
use App\Http\Controllers\LibraryController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MixController;
use App\Http\Controllers\OwnNumberController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\RescueController;
use App\Http\Controllers\RoomController;
use App\Http\Controllers\SavedMixController;
use App\Http\Controllers\SchoolController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShelfFileController;
use App\Http\Controllers\SpreadController;
use App\Http\Controllers\StepController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\VehicleController;
use App\Http\Controllers\WorkController;
use App\Http\Middleware\CountsItsCost;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::prefix('api')->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::post('session', [SessionController::class, 'store']);
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::post('session/demo', [SessionController::class, 'demo'])->middleware('throttle:demo');
    Route::post('accounts', [SessionController::class, 'register'])->middleware('throttle:accounts');
    Route::get('almanac', AlmanacController::class);

    // The same for everybody, so without a session: an answer that is long under way must not bring back the cookie
    // of the guest who asked, once that guest has signed in.
    Route::withoutMiddleware([
        AddQueuedCookiesToResponse::class,
        EncryptCookies::class,
        ShareErrorsFromSession::class,
        StartSession::class,
        ValidateCsrfToken::class,
    ])->group(function (): void {
        Route::get('library', LibraryController::class);
        Route::get('vehicles/{kind}', [VehicleController::class, 'show'])->middleware('throttle:vehicles');
        Route::get('vehicles/{kind}/plates', [VehicleController::class, 'plates'])->middleware(CountsItsCost::class);
    });

    Route::middleware('auth')->group(function (): void {
        Route::get('room', [RoomController::class, 'show']);
        Route::put('room', [RoomController::class, 'keep']);
        Route::get('week', [ClockController::class, 'week']);
        Route::put('week', [ClockController::class, 'keepWeek']);
        Route::post('clock', [ClockController::class, 'lay']);
        Route::post('clock/searches', [ClockController::class, 'search']);
        Route::get('clock/searches/{search}', [ClockController::class, 'progress'])->whereUuid('search');
        Route::delete('clock/searches/{search}', [ClockController::class, 'stopSearch'])->whereUuid('search');
        Route::put('put-off', [ClockController::class, 'putOff']);
        Route::get('calendar', [ClockController::class, 'calendar']);
        Route::post('feed', [ClockController::class, 'openFeed']);
        Route::delete('feed', [ClockController::class, 'revokeFeed']);
        Route::get('schools', [SchoolController::class, 'index']);
        Route::post('schools', [SchoolController::class, 'store']);
        Route::delete('schools/{school}', [SchoolController::class, 'destroy'])->where('school', '[0-9]{1,18}');
        Route::get('work', WorkController::class);
        Route::get('account', [AccountController::class, 'show']);
        Route::put('account/password', [AccountController::class, 'password']);
        Route::delete('account/sessions/{key}', [AccountController::class, 'endSession'])->where('key', '[0-9a-f]{64}');
        Route::delete('account', [AccountController::class, 'destroy']);
        Route::get('archive', [ArchiveController::class, 'write']);
        Route::post('archive', [ArchiveController::class, 'read']);
        Route::get('diary', [DiaryController::class, 'index']);
        Route::get('diary.csv', [DiaryController::class, 'table']);
        Route::put('own/observations', [OwnNumberController::class, 'drop']);
        Route::put('own/paint', [OwnNumberController::class, 'paint']);
        Route::put('own/drying', [OwnNumberController::class, 'drying']);
        Route::get('trials', [TrialController::class, 'index']);
        Route::post('trials', [TrialController::class, 'store']);
        Route::get('mishaps', [RescueController::class, 'index']);
        Route::get('patterns', [PatternController::class, 'index']);
        Route::delete('patterns/{pattern}', [PatternController::class, 'destroy'])->whereUuid('pattern');
        Route::get('jars', [JarController::class, 'index']);
        Route::post('jars', [JarController::class, 'fill']);
        Route::put('jars/{jar}', [JarController::class, 'put'])->where('jar', '[a-z0-9-]{1,40}');
        Route::delete('jars/{jar}', [JarController::class, 'destroy'])->where('jar', '[a-z0-9-]{1,40}');
        Route::get('shelf', [ShelfController::class, 'index']);
        Route::get('supplies', [ShelfController::class, 'supplies']);
        Route::get('shelf.gpl', [ShelfFileController::class, 'palette']);
        Route::get('shelf.csv', [ShelfFileController::class, 'export']);
        Route::get('shelf.json', [ShelfFileController::class, 'write']);
        Route::post('shelf/file', [ShelfFileController::class, 'read']);
        Route::post('shelf/import', [ShelfFileController::class, 'import']);
        Route::put('shelf/{jar}', [ShelfController::class, 'keep'])->where('jar', '[a-z0-9-]{1,40}');
        Route::get('mixes.csv', [RecipeController::class, 'export']);
        Route::post('mixes/import', [RecipeController::class, 'import']);
        Route::get('mixes', [SavedMixController::class, 'index']);
        Route::post('mixes', [SavedMixController::class, 'store']);
        Route::put('mixes/{mix}', [SavedMixController::class, 'update'])->whereUuid('mix');
        Route::delete('mixes/{mix}', [SavedMixController::class, 'destroy'])->whereUuid('mix');
        Route::post('mixes/{mix}/photos', [PhotoController::class, 'storeOfMix'])
            ->whereUuid('mix')
            ->middleware(CountsItsCost::class);
        Route::get('photos', [PhotoController::class, 'all']);
        Route::get('photos/{photo}', [PhotoController::class, 'show'])->whereUuid('photo');
        Route::delete('photos/{photo}', [PhotoController::class, 'destroy'])->whereUuid('photo');
        Route::post('mixes/closest', [MixController::class, 'closest'])->middleware(CountsItsCost::class);
        Route::post('mixes/tones', [MixController::class, 'tones'])->middleware(CountsItsCost::class);
        Route::post('mixes/look', [MixController::class, 'look']);
        Route::get('builds', [BuildController::class, 'index']);
        Route::post('builds', [BuildController::class, 'store'])->middleware(CountsItsCost::class);
        Route::post('builds/import', [BuildController::class, 'import']);

        Route::prefix('builds/{build}')
            ->whereUuid('build')
            ->middleware('can:own,build')
            ->group(function (): void {
                Route::get('/', [BuildController::class, 'show']);
                Route::delete('/', [BuildController::class, 'destroy']);
                Route::get('placing', [PlanController::class, 'placing']);
                Route::get('check', [PlanController::class, 'check']);
                Route::post('edits', [PlanController::class, 'edit']);
                Route::post('preview', [PlanController::class, 'preview']);
                Route::post('undo', [PlanController::class, 'undo']);
                Route::post('redo', [PlanController::class, 'redo']);
                Route::get('remedies/{key}', [PlanController::class, 'remedies'])->where(
                    'key',
                    '[a-z0-9.-]{1,120}',
                );
                Route::get('log', [LogController::class, 'index']);
                Route::post('log', [LogController::class, 'store']);
                Route::get('card', [FinishCardController::class, 'show']);
                Route::get('card.md', [FinishCardController::class, 'text']);
                Route::get('shedding', [ClockController::class, 'shed'])->middleware(CountsItsCost::class);
                Route::get('repair', [PlanController::class, 'repair'])->middleware(CountsItsCost::class);
                Route::get('steps/{step}', [StepController::class, 'show'])->where('step', '[a-z0-9-]{1,40}');
                Route::post('draft', [DraftController::class, 'draft'])->middleware(CountsItsCost::class);
                Route::get('photos', [PhotoController::class, 'ofBuild']);
                Route::post('photos', [PhotoController::class, 'storeOfBuild'])->middleware(CountsItsCost::class);
                Route::post('rescue', [RescueController::class, 'ways'])->middleware(CountsItsCost::class);
                Route::post('fields', [TrialController::class, 'beside']);
                Route::post('pattern', [PatternController::class, 'store']);
                Route::post('spread/look', [SpreadController::class, 'look'])->middleware(CountsItsCost::class);
                Route::post('spread', [SpreadController::class, 'lay']);
                Route::get('steps/{step}/jars', [ColourController::class, 'jars'])
                    ->where('step', '[a-z0-9-]{1,40}')
                    ->middleware(CountsItsCost::class);
                Route::post('steps/{step}/panel-mixes', [ColourController::class, 'panelMixes'])
                    ->where('step', '[a-z0-9-]{1,40}')
                    ->middleware(CountsItsCost::class);
                Route::get('zones/{zone}/scratch', [StepController::class, 'scratch'])->where(
                    'zone',
                    '[a-z0-9-]{1,40}',
                );
                Route::get('zones/{zone}/piece', [StepController::class, 'piece'])->where('zone', '[a-z0-9-]{1,40}');
                Route::post('areas', [VehicleController::class, 'areas'])->middleware(CountsItsCost::class);
                Route::get('plan-file', [PlanController::class, 'export']);
            });
    });

    Route::any(
        '{any?}',
        static fn () => new JsonResponse(['message' => 'There is nothing at this address.'], 404),
    )->where('any', '.*');
});
