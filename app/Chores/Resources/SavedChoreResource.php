<?php

declare(strict_types=1);

namespace App\Chores\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedChore')]
final readonly class SavedChoreResource
{
    public function __construct(#[OA\Property] public ChoreResource $chore, #[OA\Property] public ChangeResource $change) {}
}
