<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use OpenApi\Attributes as OA;

/** A measure that can be made one's own. */
#[OA\Schema(schema: 'CalibrationChoice')]
final readonly class CalibrationChoiceResource
{
    public function __construct(
        #[OA\Property] public string $unit,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'How many to take together.')] public int $take,
        #[OA\Property(description: 'What is taken where it is not measured.')] public string $usual,
    ) {}
}
