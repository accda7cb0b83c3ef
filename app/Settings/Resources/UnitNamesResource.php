<?php

declare(strict_types=1);

namespace App\Settings\Resources;

use Nebbia\Core\Measure\Home\HomeUnits;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Weather\WeatherUnits;
use OpenApi\Attributes as OA;

/** What a bare number in a field is taken for, and how an amount is usually written in this household. */
#[OA\Schema(schema: 'UnitNames')]
final readonly class UnitNamesResource
{
    public function __construct(
        #[OA\Property] public string $length,
        #[OA\Property] public string $area,
        #[OA\Property] public string $pot,
        #[OA\Property] public string $rain,
        #[OA\Property] public string $passage,
        #[OA\Property] public string $degrees,
        #[OA\Property] public string $speed,
        #[OA\Property(description: 'Of what is dissolved in water.')] public string $dissolved,
    ) {}

    public static function of(UnitSystem $system): self
    {
        $units = HomeUnits::of($system);
        $weather = WeatherUnits::of($system);

        return new self(
            $units->lengthUnit(),
            $units->areaUnit(),
            $units->potUnit(),
            $units->rainUnit(),
            $units->isMetric() ? 'mm' : 'in',
            $weather->degrees(),
            $weather->speed(),
            $system === UnitSystem::Us ? 'ppm' : 'mg/L',
        );
    }
}
