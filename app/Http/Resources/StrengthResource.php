<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Nebbia\Core\Measure\KitchenFraction;
use Nebbia\Core\Tolerance\Gauge;
use OpenApi\Attributes as OA;

/** A final strength beside its working range and what the plant bears. */
#[OA\Schema(schema: 'Strength')]
final readonly class StrengthResource
{
    public function __construct(
        #[OA\Property] public string $substance,
        #[OA\Property] public string $name,
        #[OA\Property] public string $unit,
        #[OA\Property] public IntervalResource $strength,
        #[OA\Property(description: 'Likely strength with its unit.')] public string $said,
        #[OA\Property(description: 'Low to high, or empty where exact.')] public string $said_range,
        #[OA\Property] public ?float $works_from,
        #[OA\Property] public ?float $works_to,
        #[OA\Property] public ?float $careful,
        #[OA\Property] public ?float $stop,
        #[OA\Property(enum: ['sensitive', 'ordinary', 'hardy'])] public string $group,
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop', 'unjudged'])] public string $severity,
        #[OA\Property(description: 'Part of the burden.')] public ?float $share,
    ) {}

    public static function of(Gauge $gauge): self
    {
        $n = KitchenFraction::figures(...);
        $range = $gauge->strength->isExact() ? '' : $n($gauge->strength->low).' to '.$n($gauge->strength->high);

        return new self(
            $gauge->substance,
            $gauge->name,
            $gauge->unit,
            IntervalResource::of($gauge->strength),
            $n($gauge->strength->likely).' '.$gauge->unit,
            $range,
            $gauge->works[0] ?? null,
            $gauge->works[1] ?? null,
            $gauge->careful,
            $gauge->stop,
            $gauge->group->value,
            $gauge->verdict?->severity()->value ?? 'unjudged',
            $gauge->share,
        );
    }
}
