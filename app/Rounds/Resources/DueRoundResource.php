<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** A round that is due, with what it takes. */
#[OA\Schema(schema: 'DueRound')]
final readonly class DueRoundResource
{
    /**
     * @param  list<string>  $mix  what to pour, in mixing order
     * @param  list<string>  $jars
     */
    public function __construct(
        #[OA\Property] public RoundResource $round,
        #[OA\Property] public string $recipe,
        #[OA\Property] public string $recipe_id,
        #[OA\Property] public ?string $target,
        #[OA\Property] public string $plantings,
        #[OA\Property] public ?string $sprayer,
        #[OA\Property] public ?string $sprayer_id,
        #[OA\Property] public ?string $planting_id,
        #[OA\Property] public string $volume,
        #[OA\Property] public int $rounds,
        #[OA\Property(description: 'Days from today; below zero is overdue.')] public int $in_days,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $mix,
        #[OA\Property(description: 'Jars of the shelf that it takes from.', items: new OA\Items(type: 'string'))] public array $jars,
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop'])] public string $severity,
        #[OA\Property] public string $headline,
        #[OA\Property(description: 'What to do in place of it, where it must not be mixed.')] public ?string $instead,
    ) {}
}
