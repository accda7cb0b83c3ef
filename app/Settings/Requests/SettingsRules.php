<?php

declare(strict_types=1);

namespace App\Settings\Requests;

use App\Http\Requests\ReadByCore;
use Illuminate\Validation\Rule;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Planning\Course\FreeHours;

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
        foreach (['latitude', 'longitude', 'hardness_mg_l', 'alkalinity_mg_l'] as $number) {
            if (isset($checked[$number]) && is_numeric($checked[$number])) {
                $checked[$number] = (float) $checked[$number];
            }
        }
        if (isset($checked['free_hours'])) {
            $checked['free_hours'] = FreeHours::read($checked['free_hours'], 'free_hours')->toArray();
        }
        if (is_array($checked['around'] ?? null)) {
            $checked['around'] = array_values(array_unique($checked['around']));
        }

        return $checked;
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'name.required' => 'The garden has no name: write one, like "Back yard".',
            'name.max' => 'The name of the garden is too long: keep it under 120 characters.',
            'units' => 'Choose one of the measuring systems in the list.',
            'language' => 'Choose one of the languages in the list.',
            'time_zone' => 'Choose one of the time zones in the list, like Europe/Rome.',
            'latitude' => 'The latitude must be a number from -90 to 90, like 45.9 or 33.9 S.',
            'longitude' => 'The longitude must be a number from -180 to 180, like 9.3 or 9.1 W.',
            'hardness_mg_l' => 'The water hardness must be a number from 0 to 1000 mg/L, like 150.',
            'alkalinity_mg_l' => 'The alkalinity must be a number from 0 to 1000 mg/L, like 120.',
            'currency' => 'The sign of the money must be one to four characters, like € or USD.',
            'free_hours.max' => 'That are too many times: give fourteen at the most.',
            'free_hours.array' => 'Write free hours as days and full hours, from 18:00 to 21:00.',
            'around' => 'Choose who is about from the list.',
            'theme' => 'Choose light, dark or as the device has it.',
        ];
    }
}
