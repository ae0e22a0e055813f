<?php

declare(strict_types=1);

namespace App\Providers;

use App\Room\FileThermometer;
use App\Room\Thermometer;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(Thermometer::class, static fn (): Thermometer => new FileThermometer(config()->string('ulvrach.thermometer') ?: null));
        $this->app->bind(StatefulGuard::class, static function (Application $app): StatefulGuard {
            $guard = $app->make(Factory::class)->guard('web');

            return $guard instanceof StatefulGuard ? $guard : throw new \LogicException('The web guard must keep sessions.');
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        // Addresses without a host: right behind every port and name.
        Vite::createAssetPathsUsing(static fn (string $path): string => "/{$path}");
    }
}
