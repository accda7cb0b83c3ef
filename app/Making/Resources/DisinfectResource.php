<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** One way to disinfect, from a bottle that is there or from one as it is usually sold. */
#[OA\Schema(schema: 'Disinfect')]
final readonly class DisinfectResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Strength of the bottle.')] public string $bottle,
        #[OA\Property(description: 'It stands in the cupboard.')] public bool $is_at_hand,
        #[OA\Property] public string $aim,
        #[OA\Property(description: 'How much of the bottle; null where it is too weak.')] public ?string $take,
        #[OA\Property] public ?string $water,
        #[OA\Property] public string $contact,
        #[OA\Property] public string $caution,
        #[OA\Property] public ?string $too_weak,
        #[OA\Property] public string $basis,
    ) {}
}
