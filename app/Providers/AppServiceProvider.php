<?php

declare(strict_types=1);

namespace App\Providers;

use App\Accounts\WholeHasher;
use App\Files\Blade;
use App\Files\FileMaker;
use App\Plans\KeptResults;
use App\Plans\PlanCache;
use App\Plans\Shelf;
use App\Plans\Shelves;
use App\Work\Workshop;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Container\Container;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;
use Imbrex\Stations\Edges\EdgeBook;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Openings\OpeningPages;
use Imbrex\Stations\Print\Template;
use Imbrex\Stations\Water\WaterSheet;
use Imbrex\Stations\Words\Words;
use Laravel\Sanctum\Sanctum;

final class AppServiceProvider extends ServiceProvider
{
    /** A minute, of those who are signed in. */
    private const LIMITS_A_PERSON = ['password' => 10, 'invite' => 20, 'imports' => 60, 'reports' => 60, 'gauge' => 120, 'saves' => 240, 'facts' => 240, 'entries' => 60];

    /** A minute, from one network address. */
    private const LIMITS_AN_ADDRESS = ['look-at-link' => 30, 'use-link' => 10, 'forgotten' => 6];

    public function register(): void
    {
        $this->app->singleton(KeptResults::class, static fn (): KeptResults => new KeptResults((new Shelves)->shelf('stages')));
        $this->app->when(PlanCache::class)->needs(Shelf::class)->give(static fn (): Shelf => (new Shelves)->shelf('slices'));
        $this->app->when(FileMaker::class)->needs(Shelf::class)->give(static fn (): Shelf => (new Shelves)->shelf('files'));
        $this->app->when(EdgeBook::class)->needs('$more')->give(static fn (Container $app): array => [$app->make(OpeningPages::class), $app->make(WaterSheet::class)]);
        $this->app->when(JobReader::class)->needs('$mostBytes')->giveConfig('imbrex.document_limit');
        $this->app->bind(Template::class, Blade::class);
        $this->app->singleton(Words::class, static fn (): Words => new Words(static fn (): string => app()->getLocale()));
    }

    public function boot(): void
    {
        Vite::useHotFile((string) config('imbrex.hot'));
        Model::shouldBeStrict(! $this->app->isProduction());
        JsonResource::withoutWrapping();
        Password::defaults(fn (): Password => Password::min(10));
        Hash::extend('whole', static fn (): WholeHasher => new WholeHasher(['rounds' => (int) config('hashing.bcrypt.rounds')]));
        // Screens sign in with a session; what calls itself a token is none.
        Sanctum::getAccessTokenFromRequestUsing(static fn (): ?string => null);
        Event::listen(Looping::class, static fn () => Workshop::beat());
        TrustProxies::at(config('imbrex.proxies'));
        $this->limits();
    }

    /** Each has a count of its own: what a device asks for all the time keeps nobody from changing the password. */
    private function limits(): void
    {
        foreach (self::LIMITS_A_PERSON as $name => $most) {
            RateLimiter::for($name, static fn (Request $request): Limit => Limit::perMinute($most * (int) config('imbrex.patience'))->by($request->user()?->getAuthIdentifier() ?? $request->ip()));
        }
        foreach (self::LIMITS_AN_ADDRESS as $name => $most) {
            RateLimiter::for($name, static fn (Request $request): Limit => Limit::perMinute($most)->by($request->ip()));
        }
    }
}
