<?php

declare(strict_types=1);

namespace App\Providers;

use App\Bench\SprayHistory;
use App\Chores\Queries\ChoreDays;
use App\Core\CompiledData;
use App\Database\ImmediateConnector;
use App\Database\WholeMigrator;
use App\Database\WriteGate;
use App\Exceptions\Mishaps;
use App\Http\Hosts;
use App\Keep\Backup\BackupFolder;
use App\Models\Spoilt;
use App\Notebook\Queries\Nevers;
use App\Pantry\Household;
use App\Settings\AtHome;
use App\Time\Clock;
use App\Undo\ChangeRecorder;
use App\Weather\ForecastProvider;
use App\Weather\NotedWeather;
use App\Weather\StandInForecast;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Nebbia\Core\Nebbia\DataFolder;
use Nebbia\Core\Nebbia\Nebbia;

/** Makes core's parts once a request and hands them out. */
final class NebbiaServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Clock::class, static function (): Clock {
            $now = config('nebbia.now');

            return new Clock(is_string($now) && $now !== '' ? $now : null);
        });
        $this->app->singleton(Mishaps::class);
        // What holds a lock knows that it does.
        $this->app->singleton(WriteGate::class);
        $this->app->singleton(BackupFolder::class);
        $this->app->singleton(Spoilt::class);
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        // Wherever the framework asks for its migrator it is given ours.
        $this->app->extend('migrator', static fn (Migrator $usual, Application $app): Migrator => new WholeMigrator(
            $app->make('migration.repository'),
            $app->make('db'),
            $app->make('files'),
            $app->make('events'),
        ));
        $this->app->singleton(
            Hosts::class,
            static fn (): Hosts => new Hosts(
                array_values(array_filter(array_map(trim(...), explode(',', config()->string('nebbia.hosts'))))),
            ),
        );
        $this->app->singleton(
            Nebbia::class,
            fn (): Nebbia => (new CompiledData(
                new DataFolder(config()->string('nebbia.data'), config()->string('nebbia.messages')),
                config()->string('nebbia.compiled'),
                watch: ! $this->app->environment('production'),
            ))->load(),
        );
        // Core builds its own parts: whoever asks for one is given that.
        $this->app->beforeResolving(function (string $class, array $parameters, Application $app): void {
            if (str_starts_with($class, 'Nebbia\\Core\\') && ! $app->bound($class) && class_exists($class)) {
                $app->singleton($class, static fn (): object => $app->make(Nebbia::class)->get($class));
            }
        });
        // One for the whole request: the models report to the same one that records.
        $this->app->scoped(ChangeRecorder::class);
        // Holds what the household had, for as long as the request.
        $this->app->scoped(ForecastProvider::class, static fn (): ForecastProvider => new NotedWeather(new StandInForecast()));
        $this->app->scoped(AtHome::class);
        $this->app->scoped(SprayHistory::class);
        $this->app->scoped(ChoreDays::class);
        $this->app->scoped(Nevers::class);
        $this->app->scoped(Household::class);
    }

    public function boot(): void
    {
        JsonResource::withoutWrapping();
        Model::shouldBeStrict();
        // The page's own files, whatever name it was asked for by.
        Vite::createAssetPathsUsing(static fn (string $path): string => "/$path");

    }
}
