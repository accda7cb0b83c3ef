<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A line of the recipe worked out, ready to be read. */
#[OA\Schema(schema: 'Line')]
final readonly class LineResource
{
    public function __construct(
        #[OA\Property] public string $ingredient,
        #[OA\Property] public string $name,
        #[OA\Property] public string $strength,
        #[OA\Property] public bool $strength_is_usual,
        #[OA\Property(description: 'As written, in kitchen fractions.')] public string $written,
        #[OA\Property(description: 'The precise amount with its unit.')] public string $precise,
        #[OA\Property(description: 'Spoons and cups, or pieces.')] public ?string $measure,
        #[OA\Property] public ?float $measure_error_percent,
        #[OA\Property] public ?float $volume_ml,
        #[OA\Property] public ?float $mass_g,
        #[OA\Property] public string $group,
    ) {}
}
