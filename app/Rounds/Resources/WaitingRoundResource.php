<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** A round that is due but waits, so that no plant has two on a day. */
#[OA\Schema(schema: 'WaitingRound')]
final readonly class WaitingRoundResource
{
    public function __construct(
        #[OA\Property] public DueRoundResource $due,
        #[OA\Property(description: 'For what it waits.')] public string $because,
    ) {}
}
