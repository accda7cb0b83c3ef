<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** A day to which a round might be moved, and what would follow. */
#[OA\Schema(schema: 'RoundDay')]
final readonly class RoundDayResource
{
    /** @param  list<RoundConsequenceResource>  $consequences */
    public function __construct(
        #[OA\Property(format: 'date')] public string $day,
        #[OA\Property(description: 'The best hour of it, by the clocks of the garden; null where none will do.')] public ?int $hour,
        #[OA\Property(enum: ['fine', 'poor', 'no', 'unknown'])] public string $word,
        #[OA\Property(description: 'What is against that hour.')] public string $why,
        #[OA\Property(items: new OA\Items(ref: RoundConsequenceResource::class))] public array $consequences,
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop'])] public string $severity,
        #[OA\Property] public bool $is_best,
    ) {}
}
