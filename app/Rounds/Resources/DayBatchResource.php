<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** What is mixed at once for rounds that are due and take the same. */
#[OA\Schema(schema: 'DayBatch')]
final readonly class DayBatchResource
{
    /**
     * @param  list<DueRoundResource>  $rounds
     * @param  list<string>  $mix
     * @param  list<string>  $jars
     * @param  list<DayStepResource>  $steps
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $recipe,
        #[OA\Property] public string $recipe_id,
        #[OA\Property] public ?string $sprayer,
        #[OA\Property] public ?string $sprayer_id,
        #[OA\Property] public ?string $planting_id,
        #[OA\Property] public float $volume_ml,
        #[OA\Property] public string $volume,
        #[OA\Property(description: 'In how many fills of how much; null where one will do.')] public ?string $fills,
        #[OA\Property(description: 'What to pour, in mixing order, for one fill.', items: new OA\Items(type: 'string'))] public array $mix,
        #[OA\Property(description: 'Jars of the shelf that it takes from.', items: new OA\Items(type: 'string'))] public array $jars,
        #[OA\Property(description: 'How long it keeps.')] public ?string $keeps,
        #[OA\Property(description: 'When it was ticked off as mixed.', format: 'date-time')] public ?string $made_at,
        #[OA\Property(format: 'date-time')] public ?string $use_by,
        #[OA\Property(description: 'What the plants are not expected to take.')] public ?string $over,
        #[OA\Property(items: new OA\Items(ref: DueRoundResource::class))] public array $rounds,
        #[OA\Property(items: new OA\Items(ref: DayStepResource::class))] public array $steps,
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop'])] public string $severity,
        #[OA\Property] public string $headline,
        #[OA\Property(description: 'What to do in place of it, where it must not be mixed.')] public ?string $instead,
    ) {}
}
