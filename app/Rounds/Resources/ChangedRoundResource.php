<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ChangedRound')]
final readonly class ChangedRoundResource
{
    public function __construct(
        #[OA\Property] public RoundResource $round,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
