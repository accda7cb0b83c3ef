<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** Recipes side by side. */
#[OA\Schema(schema: 'Comparison')]
final readonly class ComparisonResource
{
    /**
     * @param  list<ComparedRecipeResource>  $recipes
     * @param  list<ComparedSubstanceResource>  $substances
     */
    public function __construct(
        #[OA\Property] public string $against,
        #[OA\Property(items: new OA\Items(ref: ComparedRecipeResource::class))] public array $recipes,
        #[OA\Property(items: new OA\Items(ref: ComparedSubstanceResource::class))] public array $substances,
    ) {}
}
