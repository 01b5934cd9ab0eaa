<?php

declare(strict_types=1);

use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\CrewBuildController;
use App\Http\Controllers\CrewController;
use App\Http\Controllers\FactController;
use App\Http\Controllers\FileController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\InvitationController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\MemberController;
use App\Http\Controllers\OrderController;
use App\Http\Controllers\OutsideController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\ProfileController;
use App\Http\Controllers\RevisionController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\TipController;
use App\Http\Middleware\SamePerson;
use App\Models\Job;
use Illuminate\Support\Facades\Route;

Route::get('session', [SessionController::class, 'show']);
Route::post('session', [SessionController::class, 'store']);
Route::get('invitations/{token}', [InvitationController::class, 'show'])->middleware('throttle:look-at-link');
Route::post('invitations/{token}', [InvitationController::class, 'accept'])->middleware('throttle:use-link');
Route::post('password/forgotten', [PasswordController::class, 'forgotten'])->middleware('throttle:forgotten');
Route::get('resets/{token}', [PasswordController::class, 'offer'])->middleware('throttle:look-at-link');
Route::post('resets/{token}', [PasswordController::class, 'reset'])->middleware('throttle:use-link');

Route::middleware(['auth:sanctum', SamePerson::class])->group(function (): void {
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::delete('sessions', [SessionController::class, 'destroyEverywhere']);
    Route::put('password', [PasswordController::class, 'update'])->middleware('throttle:password');
    Route::get('catalogue', [CatalogueController::class, 'show']);

    // The crew is always one's own; its policy is asked in the controllers.
    Route::get('crew', [CrewController::class, 'show']);
    Route::put('crew/rules', [CrewController::class, 'updateRules'])->middleware('throttle:entries');
    Route::post('crew/invitations', [InvitationController::class, 'store'])->middleware('throttle:invite');
    Route::delete('crew/invitations/{invitation}', [InvitationController::class, 'destroy']);
    Route::put('crew/members/{member}', [MemberController::class, 'update']);
    Route::delete('crew/members/{member}', [MemberController::class, 'destroy']);
    Route::post('crew/members/{member}/reset', [MemberController::class, 'reset'])->middleware('throttle:invite');
    Route::get('crew/profiles', [ProfileController::class, 'index']);
    Route::post('crew/profiles', [ProfileController::class, 'store'])->middleware('throttle:entries');
    Route::delete('crew/profiles/{profile}', [ProfileController::class, 'destroy']);
    Route::get('crew/builds', [CrewBuildController::class, 'index']);
    Route::post('crew/builds', [CrewBuildController::class, 'store'])->middleware('throttle:entries');
    Route::delete('crew/builds/{build}', [CrewBuildController::class, 'destroy']);
    Route::get('crew/tips', [TipController::class, 'index']);
    Route::post('crew/tips', [TipController::class, 'store'])->middleware('throttle:entries');
    Route::delete('crew/tips/{tip}', [TipController::class, 'destroy']);

    Route::get('jobs', [JobController::class, 'index'])->can('viewAny', Job::class);
    Route::post('jobs', [JobController::class, 'store'])->can('create', Job::class)->middleware('throttle:entries');
    Route::post('jobs/sample', [JobController::class, 'sample'])->can('create', Job::class)->middleware('throttle:entries');
    Route::prefix('jobs/{job}')->whereUlid('job')->group(function (): void {
        Route::middleware('can:view,job')->group(function (): void {
            Route::get('', [JobController::class, 'show']);
            Route::get('newest', [RevisionController::class, 'newest']);
            Route::get('revisions', [RevisionController::class, 'index']);
            Route::get('revisions/{number}', [RevisionController::class, 'show']);
            Route::get('plan/{slice}', [PlanController::class, 'slice']);
            Route::get('card', [PlanController::class, 'card']);
            Route::get('tiles', [PlanController::class, 'tiles']);
            Route::get('facts', [FactController::class, 'index']);
            Route::get('orders', [OrderController::class, 'index']);
            Route::get('orders/{order}/files/{name}', [OrderController::class, 'file'])->where('name', '[a-z-]+\.[a-z]+');
            Route::get('files', [FileController::class, 'index']);
            Route::get('files/{name}', [FileController::class, 'show'])->where('name', '[a-z-]+\.[a-z]+');
        });
        Route::put('', [JobController::class, 'update'])->can('update', 'job')->middleware('throttle:saves');
        Route::middleware('can:update,job')->group(function (): void {
            Route::post('imports/dxf', [ImportController::class, 'dxf'])->middleware('throttle:imports');
            Route::post('imports/readings', [ImportController::class, 'readings'])->middleware('throttle:imports');
            Route::get('reports', [OutsideController::class, 'reports'])->middleware('throttle:reports');
            Route::get('reports/{reference}', [OutsideController::class, 'report'])->where('reference', '[A-Za-z0-9-]{1,40}')->middleware('throttle:reports');
            Route::get('weather', [OutsideController::class, 'weather'])->middleware('throttle:reports');
            Route::get('gauge', [OutsideController::class, 'gauge'])->middleware('throttle:gauge');
        });
        Route::post('revisions', [RevisionController::class, 'keepAside'])->can('update', 'job')->middleware('throttle:saves');
        Route::post('revisions/{number}/restore', [RevisionController::class, 'restore'])->can('update', 'job')->middleware('throttle:saves');
        Route::post('facts', [FactController::class, 'store'])->can('tell', 'job')->middleware('throttle:facts');
        Route::post('orders', [OrderController::class, 'store'])->can('release', 'job')->middleware('throttle:entries');
        Route::post('copy', [JobController::class, 'duplicate'])->can('duplicate', 'job')->middleware('throttle:entries');
        Route::put('archive', [JobController::class, 'archive'])->can('archive', 'job');
        Route::delete('archive', [JobController::class, 'unarchive'])->can('archive', 'job');
        Route::delete('', [JobController::class, 'destroy'])->can('delete', 'job');
        Route::post('restore', [JobController::class, 'bringBack'])->withTrashed()->can('delete', 'job');
    });
    Route::fallback(static fn () => abort(404));
});
