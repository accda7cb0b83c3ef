<?php

declare(strict_types=1);

namespace App\Keep\Lists;

use App\Files\Csv;
use App\Files\SheetLocale;
use App\Models\Garden;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use stdClass;

/** One list of a garden as CSV that a spreadsheet of the place opens by itself: its decimal sign, its signs between cells, local times. */
final class WriteList
{
    /** @var array<string, array<string, string>> table => id => what it is called */
    private array $names = [];

    public function __invoke(Garden $garden, string $list): string
    {
        [$table, $by, $columns] = ListShape::LISTS[$list];
        $locale = SheetLocale::of($garden);
        $this->names = [];
        $rows = (function () use ($garden, $table, $by, $columns, $locale): iterable {
            yield array_keys($columns);
            $there = DB::table($table)->where('garden_id', $garden->id)->whereNull('deleted_at')->orderBy($by)->orderBy('id');
            foreach ($there->cursor() as $row) {
                yield array_values(array_map(fn (array $one): string => $this->cell($garden, $locale, $row, $one[0], $one[1]), $columns));
            }
        })();

        return Csv::sheet($rows, $locale);
    }

    private function cell(Garden $garden, SheetLocale $locale, stdClass $row, string $column, string $how): string
    {
        $value = $row->$column ?? null;
        $text = is_scalar($value) ? (string) $value : '';
        if ($value === null || $text === '') {
            return '';
        }
        $read = json_decode($text, true);
        $map = is_array($read) ? $read : [];

        return match ($how) {
            'number' => $locale->number((float) $text),
            'yes' => (bool) $value ? 'yes' : 'no',
            'day' => substr($text, 0, 10),
            'instant' => CarbonImmutable::parse($text, 'UTC')->setTimezone($garden->time_zone)->format('Y-m-d H:i'),
            'seconds' => CarbonImmutable::createFromTimestamp((int) $text, $garden->time_zone)->format('Y-m-d H:i'),
            'zones', 'plantings', 'sprayers', 'courses', 'troubles' => $this->named($garden, $how, $map === [] ? [$text] : $map),
            'numbers' => implode(' ', array_map(static fn (mixed $one): string => self::number($locale, $one), $map)),
            'amounts' => $this->amounts($locale, $map),
            'recipe-name' => self::string($map['recipe_name'] ?? $map['name'] ?? null),
            'base' => self::string(self::part($map, 'base')['amount'] ?? null).' '.self::string(self::part($map, 'base')['liquid'] ?? null),
            'ingredients' => $this->ingredients($map),
            'every' => self::number($locale, self::part($map, 'repeat')['every_days'] ?? null),
            'times' => self::string(self::part($map, 'repeat')['times'] ?? null),
            'targets' => implode(', ', array_map(self::string(...), self::part($map, 'targets'))),
            default => $text,
        };
    }

    /** @param  array<array-key, mixed>  $ids */
    private function named(Garden $garden, string $table, array $ids): string
    {
        $names = $this->names[$table] ??= $this->names($garden, $table);

        return implode(', ', array_map(static fn (mixed $id): string => $names[self::string($id)] ?? '', $ids));
    }

    /** @return array<string, string> also of those that are gone: their notes are not */
    private function names(Garden $garden, string $table): array
    {
        $rows = match ($table) {
            'courses' => DB::table('courses')->join('recipes', 'recipes.id', '=', 'courses.recipe_id')
                ->where('courses.garden_id', $garden->id)->pluck('recipes.name', 'courses.id'),
            'troubles' => DB::table('troubles')->join('plantings', 'plantings.id', '=', 'troubles.planting_id')
                ->where('troubles.garden_id', $garden->id)
                ->selectRaw("troubles.id, troubles.target || ', ' || plantings.name as name")
                ->pluck('name', 'id'),
            default => DB::table($table)->where('garden_id', $garden->id)->pluck('name', 'id'),
        };

        return array_map(self::string(...), $rows->all());
    }

    /** @param  array<array-key, mixed>  $doses */
    private function amounts(SheetLocale $locale, array $doses): string
    {
        $said = [];
        foreach ($doses as $substance => $strength) {
            $said[] = "$substance ".self::number($locale, $strength);
        }

        return implode('; ', $said);
    }

    /** @param  array<array-key, mixed>  $body */
    private function ingredients(array $body): string
    {
        $said = [];
        foreach (self::part($body, 'ingredients') as $one) {
            if (is_array($one)) {
                $strength = self::string($one['strength'] ?? null);
                $name = self::string($one['name'] ?? $one['ingredient'] ?? null);
                $said[] = trim(self::string($one['amount'] ?? null)." $name".($strength === '' ? '' : " ($strength)"));
            }
        }

        return implode('; ', $said);
    }

    private static function number(SheetLocale $locale, mixed $one): string
    {
        return is_numeric($one) ? $locale->number((float) $one) : '';
    }

    /**
     * @param  array<array-key, mixed>  $map
     * @return array<array-key, mixed>
     */
    private static function part(array $map, string $name): array
    {
        return is_array($map[$name] ?? null) ? $map[$name] : [];
    }

    private static function string(mixed $one): string
    {
        return is_scalar($one) ? (string) $one : '';
    }
}
