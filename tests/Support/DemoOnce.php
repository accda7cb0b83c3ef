<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Garden;
use App\Settings\Writes\StartGarden;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * The demo garden, built once for each day that tests take place on, and put back row by row after that: every test's own
 * changes are rolled back, and building it through the log takes most of a second.
 */
final class DemoOnce
{
    private const TABLES = [
        'gardens', 'zones', 'sprayers', 'tools', 'own_measures', 'products', 'plantings', 'recipes', 'recipe_versions', 'troubles', 'courses', 'course_planting', 'rounds',
        'batches', 'applications', 'ticks', 'weather_notes', 'scoutings', 'counts', 'tactic_uses', 'looks', 'preparations',
    ];

    /** @var array<string, array<string, list<array<string, mixed>>>> day => table => rows */
    private static array $kept = [];

    public static function garden(): Garden
    {
        $day = now()->format('Y-m-d H:i');
        if (! isset(self::$kept[$day])) {
            if (Garden::query()->exists()) {
                return app(StartGarden::class)->demo(CarbonImmutable::now());
            }
            $garden = app(StartGarden::class)->demo(CarbonImmutable::now());
            foreach (self::TABLES as $table) {
                self::$kept[$day][$table] = DB::table($table)->get()->map(static fn (object $row): array => (array) $row)->all();
            }

            return $garden;
        }
        $id = self::$kept[$day]['gardens'][0]['id'];
        if (Garden::query()->whereKey($id)->exists()) {
            return app(StartGarden::class)->demo(CarbonImmutable::now());
        }
        foreach (self::$kept[$day] as $table => $rows) {
            foreach (array_chunk($rows, 40) as $some) {
                DB::table($table)->insert($some);
            }
        }

        return Garden::query()->findOrFail($id);
    }
}
