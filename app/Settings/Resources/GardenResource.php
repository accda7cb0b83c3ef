<?php

declare(strict_types=1);

namespace App\Settings\Resources;

use App\Models\Garden;
use App\Settings\AtHome;
use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Weather\WeatherUnits;
use OpenApi\Attributes as OA;

/** A garden and its keepers' settings. */
#[OA\Schema(schema: 'Garden')]
final readonly class GardenResource
{
    /**
     * @param  list<string>  $around
     * @param  list<array{days: list<string>, from: string, to: string}>  $free_hours
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public bool $is_demo,
        #[OA\Property(enum: ['us', 'metric', 'imperial', 'au'])] public string $units,
        #[OA\Property] public string $language,
        #[OA\Property] public string $time_zone,
        #[OA\Property] public ?float $latitude,
        #[OA\Property] public ?float $longitude,
        #[OA\Property] public float $hardness_mg_l,
        #[OA\Property] public float $alkalinity_mg_l,
        #[OA\Property(enum: ['auto', 'light', 'dark'])] public string $theme,
        #[OA\Property] public string $currency,
        #[OA\Property(
            description: 'Who and what is about.',
            items: new OA\Items(type: 'string', enum: Circumstances::AROUND),
        )]
        public array $around,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/FreeHours'))] public array $free_hours,
        #[
            OA\Property(format: 'date-time', description: 'The instant it is in this garden; a demo has a time of its own.'),
        ]
        public string $now,
        #[OA\Property(description: 'How days and hours are written there.')] public string $locale,
        #[OA\Property(description: '1 for Monday to 7 for Sunday.')] public int $week_starts,
        #[OA\Property] public UnitNamesResource $unit_names,
        #[OA\Property(description: 'A windowsill: what is added stands in a room.')] public bool $indoors,
        #[OA\Property(description: 'As it would be typed again, in the household\'s degrees.')] public ?string $room_day,
        #[OA\Property] public ?string $room_night,
        #[OA\Property] public ?float $room_humidity,
        #[OA\Property] public ?string $forecast_url,
        #[OA\Property(description: 'The number of the poison centre, as it is dialled.')] public ?string $poison_centre,
        #[OA\Property(description: 'Ours to theirs, one a line.')] public string $forecast_mapping,
    ) {}

    private static function degrees(Garden $garden, ?float $celsius): ?string
    {
        return $celsius === null ? null : Figures::say(WeatherUnits::of($garden->units)->sayTemperature($celsius));
    }

    public static function of(Garden $garden): self
    {
        return new self(
            $garden->id,
            $garden->version,
            $garden->name,
            $garden->is_demo,
            $garden->units->value,
            $garden->language,
            $garden->time_zone,
            $garden->latitude,
            $garden->longitude,
            $garden->hardness_mg_l,
            $garden->alkalinity_mg_l,
            $garden->theme,
            $garden->currency,
            $garden->around,
            array_map(
                static fn (array $span): array => ['days' => $span['days'] ?? [], 'from' => $span['from'], 'to' => $span['to']],
                $garden->free_hours,
            ),
            $garden->now()->toIso8601ZuluString(),
            AtHome::locale($garden),
            AtHome::weekStarts($garden),
            UnitNamesResource::of($garden->units),
            $garden->indoors,
            self::degrees($garden, $garden->room_day_c),
            self::degrees($garden, $garden->room_night_c),
            $garden->room_humidity,
            $garden->forecast_url,
            $garden->poison_centre,
            implode("\n", array_map(
                static fn (string $ours, string $theirs): string => "$ours = $theirs",
                array_keys($garden->forecast_fields ?? []),
                array_values($garden->forecast_fields ?? []),
            )),
        );
    }
}
