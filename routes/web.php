<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// Every screen is the one page; the front end's router takes it from there. No browser keeps it: Back shows nobody what the one before had open.
Route::view('/{path?}', 'app', headers: ['Cache-Control' => 'no-store'])->where('path', '(?!api/|build/|up$).*');
