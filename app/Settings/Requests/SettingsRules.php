<?php

declare(strict_types=1);

namespace App\Settings\Requests;

use App\Http\Requests\ReadByCore;
use Illuminate\Validation\Rule;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Planning\Course\FreeHours;
use Nebbia\Core\Weather\Given\WeatherJson;

/** What a garden's settings may be; the first run and the settings screen ask for the same. */
final class SettingsRules
{
    /** @return array<string, list<mixed>> */
    public static function all(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'units' => ['required', Rule::enum(UnitSystem::class)],
            'language' => ['required', 'in:en'],
            'time_zone' => ['required', 'timezone:all'],
            'latitude' => ['nullable', 'numeric', 'between:-90,90'],
            'longitude' => ['nullable', 'numeric', 'between:-180,180'],
            'hardness_mg_l' => ['required', 'numeric', 'between:0,1000'],
            'alkalinity_mg_l' => ['required', 'numeric', 'between:0,1000'],
            'theme' => ['required', 'in:auto,light,dark'],
            'currency' => ['sometimes', 'string', 'max:4'],
            'around' => ['sometimes', 'array', 'list'],
            'free_hours' => ['sometimes', 'array', 'max:14', new ReadByCore(FreeHours::read(...))],
            'around.*' => [Rule::in(Circumstances::AROUND)],
            'poison_centre' => ['nullable', 'string', 'max:60'],
            'indoors' => ['sometimes', 'boolean'],
            'room_day_c' => ['nullable', 'numeric', 'between:5,45'],
            'room_night_c' => ['nullable', 'numeric', 'between:0,45'],
            'room_humidity' => ['nullable', 'numeric', 'between:1,100'],
            'forecast_url' => ['nullable', 'string', 'max:500', 'url:http,https'],
            'forecast_mapping' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /**
     * What is kept of settings that were checked: as core reads it.
     *
     * @param  array<string, mixed>  $checked
     * @return array<string, mixed>
     */
    public static function kept(array $checked): array
    {
        foreach (['latitude', 'longitude', 'hardness_mg_l', 'alkalinity_mg_l', 'room_day_c', 'room_night_c', 'room_humidity'] as $number) {
            if (isset($checked[$number]) && is_numeric($checked[$number])) {
                $checked[$number] = (float) $checked[$number];
            }
        }
        if (array_key_exists('forecast_mapping', $checked)) {
            $typed = $checked['forecast_mapping'];
            unset($checked['forecast_mapping']);
            $checked['forecast_fields'] = is_string($typed) ? WeatherJson::mapping($typed) : null;
        }
        if (isset($checked['free_hours'])) {
            $checked['free_hours'] = FreeHours::read($checked['free_hours'], 'free_hours')->toArray();
        }
        if (is_array($checked['around'] ?? null)) {
            $checked['around'] = array_values(array_unique(array_filter($checked['around'], is_string(...))));
        }

        return $checked;
    }
}
