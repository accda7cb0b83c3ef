<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\Household;
use App\Actions\Past;
use App\Database\ImmediateConnector;
use App\Database\SchemaNumber;
use App\Exceptions\Mishaps;
use App\Http\Hosts;
use App\Models\Spoilt;
use App\Time\Clock;
use App\Undo\ChangeRecorder;
use App\Weather\ForecastProvider;
use App\Weather\NotedWeather;
use App\Weather\StandInForecast;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Nebbia\Core\Bottle\LabelReader;
use Nebbia\Core\Care\CareNotes;
use Nebbia\Core\Decision\Decider;
use Nebbia\Core\Formulation\Mixer;
use Nebbia\Core\Formulation\RecipeReader;
use Nebbia\Core\Job\JobAssessor;
use Nebbia\Core\Judgement\Judge;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Knowledge\KnowledgeLoader;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Message\Catalogue;
use Nebbia\Core\Need\NeedEstimator;
use Nebbia\Core\Reading\PlainReader;
use Nebbia\Core\Steps\StepPlanner;

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
        $this->app->singleton(Spoilt::class);
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        $this->app->singleton(Hosts::class, static fn (): Hosts => new Hosts(array_values(array_filter(array_map(trim(...), explode(',', config()->string('nebbia.hosts')))))));
        $this->app->singleton(Knowledge::class, fn (): Knowledge => (new KnowledgeLoader(
            config()->string('nebbia.data'),
            config()->string('nebbia.compiled'),
            watch: ! $this->app->environment('production'),
        ))->load());
        $this->app->singleton(Catalogue::class, fn (Application $app): Catalogue => Catalogue::english($app->make(Knowledge::class)));
        // One for the whole request: the models report to the same one that records.
        $this->app->scoped(ChangeRecorder::class);
        $this->app->singleton(RecipeReader::class);
        $this->app->singleton(Mixer::class);
        $this->app->singleton(PlainReader::class);
        $this->app->singleton(LabelReader::class);
        $this->app->singleton(JobAssessor::class);
        $this->app->singleton(CareNotes::class);
        // Holds what the household had, for as long as the request.
        $this->app->scoped(ForecastProvider::class, static fn (): ForecastProvider => new NotedWeather(new StandInForecast));
        $this->app->scoped(Past::class);
        $this->app->scoped(Household::class);
        $this->app->singleton(NeedEstimator::class);
        $this->app->singleton(AmountParser::class, fn (Application $app): AmountParser => new AmountParser($app->make(Knowledge::class)->units()));
        $this->app->singleton(Decider::class, fn (Application $app): Decider => Decider::withAllRules($app->make(Knowledge::class)));
        $this->app->singleton(StepPlanner::class, fn (Application $app): StepPlanner => StepPlanner::withAllRules($app->make(Knowledge::class)));
        $this->app->singleton(Judge::class, fn (Application $app): Judge => Judge::withAllRules($app->make(Knowledge::class)));
    }

    public function boot(): void
    {
        JsonResource::withoutWrapping();
        Model::shouldBeStrict();
        // The page's own files, whatever name it was asked for by.
        Vite::createAssetPathsUsing(static fn (string $path): string => "/$path");
        Event::listen(MigrationsEnded::class, static fn () => DB::statement('PRAGMA user_version = '.SchemaNumber::KNOWN));
    }
}
