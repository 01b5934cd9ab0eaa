<?php

declare(strict_types=1);

namespace App\Providers;

use App\Exports\FileMaker;
use App\Plans\PlanCache;
use App\Plans\PlanShelf;
use App\Plans\Shelf;
use App\Plans\Shelves;
use App\Words\Words;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;
use Symfony\Component\HttpFoundation\Response;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(PlanShelf::class, static fn (): PlanShelf => new PlanShelf((new Shelves)->shelf('plans')));
        $this->app->when(PlanCache::class)->needs(Shelf::class)->give(static fn (): Shelf => (new Shelves)->shelf('slices'));
        $this->app->when(FileMaker::class)->needs(Shelf::class)->give(static fn (): Shelf => (new Shelves)->shelf('files'));
        $this->app->singleton(Words::class, fn (): Words => new Words('en'));
    }

    public function boot(): void
    {
        Vite::useHotFile((string) config('imbrex.hot'));
        Model::shouldBeStrict(! $this->app->isProduction());
        JsonResource::withoutWrapping();
        Password::defaults(fn (): Password => Password::min(10));
        // Only tries that failed count.
        $failed = static fn (Response $response): bool => $response->getStatusCode() === Response::HTTP_UNPROCESSABLE_ENTITY;
        RateLimiter::for('sign-in', fn (Request $request): array => [
            Limit::perMinute(6)->by('account|'.mb_strtolower($request->string('email')->toString()).'|'.$request->ip())->after($failed),
            Limit::perMinute(40)->by('address|'.$request->ip())->after($failed),
        ]);
    }
}
