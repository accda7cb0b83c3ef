<?php

declare(strict_types=1);

namespace App\Keep\Takeout;

use App\Models;

/**
 * The tables of a garden, each after those that its rows refer to. A new table is added here: a test holds the list to the database.
 */
final class GardenShape
{
    public const FORMAT = 'nebbia.garden/1';

    /** Table => its model, by which changes name it; null where none does. */
    public const TABLES = [
        'zones' => Models\Zone::class,
        'plantings' => Models\Planting::class,
        'sprayers' => Models\Sprayer::class,
        'recipes' => Models\Recipe::class,
        'recipe_versions' => null,
        'troubles' => Models\Trouble::class,
        'courses' => Models\Course::class,
        'course_planting' => null,
        'rounds' => Models\Round::class,
        'batches' => Models\Batch::class,
        'applications' => Models\Application::class,
        'preparations' => Models\Preparation::class,
        'looks' => Models\Look::class,
        'scoutings' => Models\Scouting::class,
        'counts' => Models\Count::class,
        'tactic_uses' => Models\TacticUse::class,
        'products' => Models\Product::class,
        'tools' => Models\MeasuringTool::class,
        'own_measures' => Models\OwnMeasure::class,
        'weather_notes' => Models\WeatherNote::class,
        'ticks' => Models\Tick::class,
        'glances' => Models\Glance::class,
        'photos' => Models\Photo::class,
        'chores' => Models\Chore::class,
        'nevers' => Models\NeverAgain::class,
        'changes' => null,
    ];

    /** Those that belong to a garden by way of another table: table => [column, that table]. */
    public const BY_WAY_OF = ['recipe_versions' => ['recipe_id', 'recipes'], 'course_planting' => ['course_id', 'courses']];

    /** Columns that hold JSON: they stand in the file as what they mean. */
    private const JSON = [
        'gardens' => ['around', 'free_hours', 'forecast_fields'],
        'plantings' => ['states', 'care'],
        'recipes' => ['body'],
        'recipe_versions' => ['body'],
        'courses' => ['products'],
        'rounds' => ['done_planting_ids'],
        'applications' => ['snapshot', 'doses', 'planting_ids'],
        'preparations' => ['body', 'stays', 'done', 'timers', 'test'],
        'looks' => ['strengths'],
        'scoutings' => ['present', 'absent', 'weather', 'causes'],
        'counts' => ['counts'],
        'own_measures' => ['totals'],
        'weather_notes' => ['hours'],
        'changes' => ['entries'],
    ];

    /** Where paths of photos stand. */
    public const PHOTOS = ['scoutings' => 'photo', 'photos' => 'path'];

    /** @return list<string> */
    public static function json(string $table): array
    {
        return self::JSON[$table] ?? [];
    }

    /**
     * @param  string  $table  of the garden itself too: its settings are changed like anything else
     * @return class-string<Models\HouseholdModel>|null
     */
    public static function model(string $table): ?string
    {
        // Files of before 29 November 2026 name the garden by its class.
        return in_array($table, ['gardens', Models\Garden::class], true) ? Models\Garden::class : self::TABLES[$table] ?? null;
    }

    public static function table(string $model): ?string
    {
        $table = $model === Models\Garden::class ? 'gardens' : array_search($model, self::TABLES, true);

        return $table === false ? null : $table;
    }
}
