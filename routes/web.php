<?php

declare(strict_types=1);

use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

// Bare of sessions and of the database: what a request costs at the least. bin/bench measures against it.
Route::get('up', static fn () => new Response('up', 200, ['Content-Type' => 'text/plain']))->withoutMiddleware('web');

Route::view('/{any?}', 'app')->where('any', '^(?!api/|up$|build/).*$');
