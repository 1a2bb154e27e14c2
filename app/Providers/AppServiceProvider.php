<?php

declare(strict_types=1);

namespace App\Providers;

use App\Databases\OnlyReading;
use App\Databases\ServerConnector;
use App\Http\Middleware\StartsSession;
use App\Models\Phone;
use App\Models\User;
use App\Support\Asking;
use App\Support\Health;
use App\Support\Metrics;
use Illuminate\Auth\Events\Login;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Cache\RateLimiting\Unlimited;
use Illuminate\Contracts\Cache\Factory as CacheFactory;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\Looping;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;

/** Who may do what to a crew, how often anybody may try anything, and where links lead. */
final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(OnlyReading::class);
        $this->app->bind('db.connector.mariadb', ServerConnector::class);
        $this->app->singleton(StartSession::class, fn(Application $app): StartsSession => new StartsSession(
            $app->make(SessionManager::class),
            fn(): CacheFactory => $app->make(CacheFactory::class),
        ));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        // A link leads to where the application is served, whatever host was asked for.
        URL::useOrigin(config()->string('app.url'));
        $this->gates();
        $this->limits();
        Event::listen(fn(Looping $turn) => Health::beat($turn->queue));
        DB::listen(function (QueryExecuted $query): void {
            if ($query->time >= config()->integer('eyes.slow_query_ms')) {
                Metrics::slowQuery();
            }
        });
        Event::listen(function (Login $login): void {
            $phone = Asking::phone();
            if ($phone !== null && $login->user instanceof User) {
                Phone::signedIn($phone, $login->user, (string) request()->userAgent());
            }
        });
    }

    private function gates(): void
    {
        Gate::define('settle', fn(User $user): bool => $user->role->maySettle());
        Gate::define('begin-houses', fn(User $user): bool => $user->role->mayChange());
        Gate::define('work', fn(User $user): bool => $user->role->mayFile());
    }

    private function limits(): void
    {
        // Addresses of pages for outsiders are long; nobody tries many.
        RateLimiter::for('outside', fn(Request $request): Limit => $this->counted(Limit::perMinute(60)->by($request->ip() ?? '')));
        // Guessing a password or a code is slow for one account and for one address; asking for a mail too.
        RateLimiter::for('sign-in', fn(Request $request): array => [
            Limit::perMinute(5)->by('account:' . $this->account($request) . '|' . $request->ip()),
            Limit::perMinute(30)->by('address:' . $request->ip()),
        ]);
        // Far more than a crew at work asks: one that goes wild takes nobody else's turn.
        RateLimiter::for('crew', function (Request $request): Limit {
            $user = $request->user();

            return $this->counted(Limit::perMinute(config()->integer('crews.requests_a_minute'))
                ->by('crew:' . ($user instanceof User ? $user->crew_id ?? $user->id : $request->ip())));
        });
        RateLimiter::for('meter', fn(Request $request): Limit => Limit::perMinute(600)->by(
            'meter:' . hash('sha256', (string) $request->bearerToken()),
        ));
    }

    /** While the database only reads there is nowhere to count, and nothing is changed. */
    private function counted(Limit $limit): Limit
    {
        return app(OnlyReading::class)->is() ? new Unlimited() : $limit;
    }

    private function account(Request $request): string
    {
        $email = $request->input('email');
        $waiting = $request->hasSession() ? $request->session()->get('second_step.user') : null;

        return mb_strtolower(is_string($email) ? $email : (is_string($waiting) ? $waiting : ''));
    }
}
