<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** A round that is better on another day. */
#[OA\Schema(schema: 'ReplanMove')]
final readonly class ReplanMoveResource
{
    public function __construct(
        #[OA\Property] public string $round_id,
        #[OA\Property] public int $number,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(format: 'date')] public string $to,
        #[OA\Property(description: 'By the clocks of the garden.')] public int $hour,
        #[OA\Property] public string $because,
    ) {}
}
