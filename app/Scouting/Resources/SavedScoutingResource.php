<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedScouting')]
final readonly class SavedScoutingResource
{
    public function __construct(
        #[OA\Property] public ScoutingResource $scouting,
        #[OA\Property] public ?string $trouble_id,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
