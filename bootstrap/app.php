<?php

declare(strict_types=1);

use App\Http\Controllers\UpController;
use App\Http\DatabaseAway;
use App\Http\DocumentRefused;
use App\Http\Middleware\KeepsSignIn;
use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\TellsVersion;
use App\Http\Middleware\WithoutMark;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Imbrex\Stations\Documents\DocumentFault;
use Laravel\Sanctum\Http\Middleware\AuthenticateSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        commands: __DIR__.'/../routes/console.php',
        using: function (): void {
            // Numbers of rows: no more digits than one has.
            Route::patterns(array_fill_keys(['build', 'invitation', 'member', 'number', 'order', 'profile', 'tip'], '[0-9]{1,9}'));
            // One origin and a session cookie: the API lives in the web group.
            Route::get('up', UpController::class);
            Route::middleware('web')->prefix('api')->group(base_path('routes/api.php'));
            Route::middleware('web')->group(base_path('routes/web.php'));
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(WithoutMark::class);
        // Within those that give every answer its headers.
        $middleware->append(KnownHosts::class);
        $middleware->web(append: [AuthenticateSession::class, TellsVersion::class], prepend: [KeepsSignIn::class]);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
        $exceptions->dontReport(DocumentFault::class);
        $exceptions->render(DocumentRefused::answer(...));
        $exceptions->render(DatabaseAway::answer(...));
    })
    ->create();
