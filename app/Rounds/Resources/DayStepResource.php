<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** One thing to do with a batch, to be ticked off. */
#[OA\Schema(schema: 'DayStep')]
final readonly class DayStepResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(enum: ['mix', 'spray', 'rinse', 'leftover', 'clean'])] public string $kind,
        #[OA\Property] public string $what,
        #[OA\Property] public ?string $how,
        #[OA\Property(description: 'Of what is sprayed or rinsed.')] public ?string $planting_id,
        #[OA\Property(description: 'Its plants, by number and name.')] public ?string $plants,
        #[OA\Property(description: 'To wait before it.')] public ?float $minutes,
        #[OA\Property] public bool $done,
    ) {}
}
