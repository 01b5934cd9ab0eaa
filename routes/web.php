<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// Every screen is the one page; the front end's router takes it from there.
Route::view('/{path?}', 'app')->where('path', '(?!api/|build/|up$).*');
