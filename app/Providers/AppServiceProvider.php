<?php

declare(strict_types=1);

namespace App\Providers;

use App\Hours\HoursOfStrings;
use App\Jobs\KeepsWhatCame;
use App\Models\Device;
use App\Network\Devices;
use App\Network\Door;
use App\Strings\Drawer\LotAdded;
use App\Workshop\Place;
use App\Workshop\Sqlite\LockingConnector;
use App\Workshop\TestClock;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Lira\Wording\Dates;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Place::class, static fn (): Place => self::place());
        $this->app->bind('db.connector.sqlite', LockingConnector::class);
        // As whoever asks reads them; the same for everybody where nobody does.
        $this->app->bind(Dates::class, static function (Application $app): Dates {
            $words = $app->make('request')->cookie('lira_dates');

            return Dates::named(is_string($words) ? $words : '');
        });
        // Where the environment names a database, that is the one, whatever a cached configuration says.
        $place = $this->app->make(Place::class);
        config(['database.connections.sqlite.database' => $place->database, 'filesystems.disks.local.root' => $place->files]);
    }

    public function boot(): void
    {
        TestClock::set();
        $this->app->make(HoursOfStrings::class)->follow();
        Auth::viaRequest('device', fn (Request $request): ?Device => $this->app->make(Devices::class)->behind($request));
        // A square is 128 bits of chance: this is against noise, not against guessing.
        self::limit('enter', 20, 120);
        self::limit('enter-look', 120, 900);
        Event::listen(LotAdded::class, KeepsWhatCame::class);
        Model::shouldBeStrict(! $this->app->isProduction());
    }

    /** So many times a minute for one device, and for all together. */
    private static function limit(string $name, int $one, int $all): void
    {
        RateLimiter::for($name, static fn (Request $request): array => [
            // Who it is says the front, which everybody comes through.
            Limit::perMinute($one)->by("{$name}:".(Door::isOwnFront() ? (string) $request->headers->get(Door::FROM) : (string) $request->ip())),
            Limit::perMinute($all)->by($name),
        ]);
    }

    private static function place(): Place
    {
        $named = getenv('DB_DATABASE');
        $configured = config('database.connections.sqlite.database');

        return is_string($configured) && ($named === false || $named === '') ? Place::of(
            $configured,
            base_path(),
        ) : Place::ofEnvironment(base_path());
    }
}
