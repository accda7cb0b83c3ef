<?php

declare(strict_types=1);

namespace App\Weather\Resources;

use OpenApi\Attributes as OA;

/** The next 72 hours, each judged for the next round. */
#[OA\Schema(schema: 'Ribbon')]
final readonly class RibbonResource
{
    /** @param  list<RibbonHourResource>  $hours */
    public function __construct(
        #[OA\Property] public ?string $round_id,
        #[OA\Property(description: 'What it is for.')] public ?string $for,
        #[OA\Property(description: 'The best hour in reach, in words; null where there is none.')] public ?string $best,
        #[OA\Property(description: 'Its place among the hours.')] public ?int $best_hour,
        #[OA\Property(description: 'Where the weather comes from.')] public string $source,
        #[OA\Property(items: new OA\Items(ref: RibbonHourResource::class))] public array $hours,
        #[OA\Property(description: 'Why there is nothing to show.')] public ?string $missing,
        #[OA\Property(description: 'When sun and bees are right, where no forecast is known; null where there is one.')]
        public ?string $by_clock = null,
        #[OA\Property(description: 'All that it is for stands in a room.')] public bool $indoors = false,
    ) {}
}
