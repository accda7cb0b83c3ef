<?php

declare(strict_types=1);

namespace App\Notebook\Resources;

use OpenApi\Attributes as OA;

/** One look at leaves, or one that is still to come. */
#[OA\Schema(schema: 'Look')]
final readonly class LookResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $planting_id,
        #[OA\Property(enum: ['patch', 'whole'])] public string $kind,
        #[OA\Property] public ?string $recipe,
        #[OA\Property] public ?string $recipe_id,
        #[OA\Property(description: 'Of the full strength.')] public float $fraction,
        #[OA\Property(description: 'Strengths that were on the leaves, in words.')] public string $strengths,
        #[OA\Property] public ?int $leaves,
        #[OA\Property(format: 'date-time')] public string $put_on_at,
        #[OA\Property(format: 'date-time')] public ?string $look_at,
        #[OA\Property] public bool $is_due,
        #[OA\Property(format: 'date-time')] public ?string $seen_at,
        #[OA\Property] public ?float $score,
        #[OA\Property] public ?string $note,
        #[OA\Property(description: 'What to do now; null while it is still to be looked at.')] public ?string $advice,
        #[OA\Property] public ?string $advice_because,
        #[OA\Property(description: 'next, done, enough, weaker or stop')] public ?string $advice_id,
        #[OA\Property(description: 'The next step, of the full strength.')] public ?float $next_fraction,
    ) {}
}
