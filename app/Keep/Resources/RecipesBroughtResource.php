<?php

declare(strict_types=1);

namespace App\Keep\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

/** Recipes that came from a file. */
#[OA\Schema(schema: 'RecipesBrought')]
final readonly class RecipesBroughtResource
{
    /** @param  list<string>  $ids */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $ids,
        #[OA\Property(description: 'What was done, in words.')] public string $said,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
