<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ChangedRound')]
final readonly class ChangedRound
{
    public function __construct(
        #[OA\Property] public RoundResource $round,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
