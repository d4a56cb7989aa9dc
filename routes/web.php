<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

Route::view('/{area?}', 'screen')->where('area', '(?!api/|sanctum/|build/).*')->name('screen');
