<?php

declare(strict_types=1);

namespace App\Find\Resources;

use OpenApi\Attributes as OA;

/** Something that can be written down at once, as it was typed. */
#[OA\Schema(schema: 'Act')]
final readonly class ActResource
{
    /** @param  list<string>  $planting_ids */
    public function __construct(
        #[OA\Property(enum: ['rain', 'sprayed', 'chore'])] public string $kind,
        #[OA\Property(description: 'Of rain, as it is sent to be noted; null where it has to be asked.')] public ?string $mm = null,
        #[OA\Property(description: 'When the rain began, by the garden\'s clocks: 2026-05-02T19:30.')]
        public ?string $began_at = null,
        #[OA\Property] public ?string $recipe_id = null,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $planting_ids = [],
        #[OA\Property(description: 'What else it was put on.')] public ?string $on = null,
        #[OA\Property(enum: ['feed', 'water', 'other'])] public ?string $job = null,
        #[OA\Property] public ?string $what = null,
        #[OA\Property] public ?string $often = null,
        #[OA\Property(description: 'The day on which it is to be done, where it is once.', format: 'date')]
        public ?string $starts_on = null,
    ) {}
}
