<?php

declare(strict_types=1);

namespace App\Providers;

use App\Health\Worker;
use App\Http\QuietSessionHandler;
use App\Plans\Judge;
use App\Room\FileThermometer;
use App\Room\Thermometer;
use App\Shared\ApcuMemory;
use App\Shared\Forgetful;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Ulvrach\Memory;
use Ulvrach\SharedMemory;

final class AppServiceProvider extends ServiceProvider
{
    /** Requests a minute from one address, by what they ask for; each has a count of its own. */
    private const LIMITS = [
        'demo' => 60,
        'accounts' => 60,
        'feed' => 60,
        'vehicles' => 240,
    ];

    public function register(): void
    {
        $this->app->bind(
            Thermometer::class,
            static fn (): Thermometer => new FileThermometer(config()->string('ulvrach.thermometer') ?: null),
        );
        $this->app->singleton(Judge::class);
        $this->app->singleton(Worker::class);
        $this->app->singleton(
            SharedMemory::class,
            static fn (): SharedMemory => ApcuMemory::isThere() ? new ApcuMemory() : new Forgetful(),
        );
        $this->app->bind(StatefulGuard::class, static function (Application $app): StatefulGuard {
            $guard = $app->make(Factory::class)->guard('web');

            return $guard instanceof StatefulGuard
                ? $guard
                : throw new \LogicException('The web guard must keep sessions.');
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Queue::looping(function (): void {
            $this->app->make(Worker::class)->isThere();
        });
        Memory::lend($this->app->make(SharedMemory::class));
        Session::extend(
            'quiet',
            static fn (Application $app): QuietSessionHandler => new QuietSessionHandler(
                $app->make(ConnectionInterface::class),
                'sessions',
                config()->integer('session.lifetime'),
                $app,
            ),
        );
        // Addresses without a host: right behind every port and name.
        Vite::createAssetPathsUsing(static fn (string $path): string => "/{$path}");
        foreach (self::LIMITS as $name => $limit) {
            RateLimiter::for(
                $name,
                static fn (Request $request): Limit => Limit::perMinute($limit)
                    ->by("{$name}|{$request->ip()}")
                    ->response(self::tooMany(...)),
            );
        }
    }

    /** @param  array<string, int|string>  $headers  `Retry-After` holds seconds */
    private static function tooMany(Request $request, array $headers): JsonResponse
    {
        return new JsonResponse(
            ['message' => "Too many tries from this address. Try again in {$headers['Retry-After']} seconds."],
            429,
            $headers,
        );
    }
}
