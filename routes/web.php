<?php

declare(strict_types=1);

use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

// What a balancer asks: whether this server answers. It does so without the database, which both servers lose and find again together.
Route::get('/up', static fn(): Response => new Response(status: 204))->withoutMiddleware('web');
Route::view('/{area?}', 'screen')->where('area', '(?!api/|sanctum/|build/).*')->name('screen');
