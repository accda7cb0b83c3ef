<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** How a mix sits in a sprayer. */
#[OA\Schema(schema: 'Fit')]
final readonly class FitResource
{
    public function __construct(
        #[OA\Property(enum: ['fits', 'takes-the-air', 'overflows', 'too-little'])] public string $verdict,
        #[OA\Property] public string $said,
        #[OA\Property(description: 'For a sprayer that is full of the base already: what has to come out first.')] public ?string $if_full,
        #[OA\Property(description: 'How often to fill it for what was asked for.')] public int $fills,
        #[OA\Property(description: 'What goes in each time, where it is more than once.')] public ?string $each,
    ) {}
}
