<?php

declare(strict_types=1);

use App\Http\Controllers\ClockController;
use App\Http\Controllers\HealthController;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

// Bare of sessions and of the database: what a request costs at the least. bin/bench measures against it.
Route::get('alive', static fn () => new Response('alive', 200, ['Content-Type' => 'text/plain']))
    ->withoutMiddleware('web');
Route::get('up', HealthController::class)->withoutMiddleware('web');

Route::get('feed/{token}.ics', [ClockController::class, 'feed'])
    ->where('token', '[A-Za-z0-9]{40}')
    ->withoutMiddleware('web')
    ->middleware('throttle:feed');
Route::view('/{any?}', 'app')->where('any', '^(?!api/|up$|alive$|build/).*$');
