<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** How strong one recipe is in it. */
#[OA\Schema(schema: 'ComparedStrength')]
final readonly class ComparedStrengthResource
{
    public function __construct(
        #[OA\Property(description: 'Position of the recipe.')] public int $recipe,
        #[OA\Property] public IntervalResource $strength,
        #[OA\Property] public string $said,
        #[OA\Property(description: 'Where it stands among mild, middle and strong practice.')] public ?string $standing,
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop', 'unjudged'])] public string $severity,
    ) {}
}
