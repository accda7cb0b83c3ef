<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** How often and when, by the life cycle and the weather. */
#[OA\Schema(schema: 'Suggestion')]
final readonly class SuggestionResource
{
    /**
     * @param  list<SuggestedRoundResource>  $rounds
     * @param  list<string>  $useless
     */
    public function __construct(
        #[OA\Property(description: 'The most that may lie between two rounds.')] public float $interval_days,
        #[OA\Property] public int $number,
        #[OA\Property] public string $because,
        #[OA\Property(items: new OA\Items(ref: SuggestedRoundResource::class))] public array $rounds,
        #[OA\Property] public string $source,
        #[OA\Property(description: 'How sure that is.')] public string $basis,
        #[OA\Property(description: 'Why what is too weak does nothing.', items: new OA\Items(type: 'string'))] public array $useless,
    ) {}
}
