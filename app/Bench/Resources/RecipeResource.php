<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use App\Models\Recipe;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Recipe')]
final readonly class RecipeResource
{
    /** @param  array<string, mixed>  $body */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public string $use,
        #[OA\Property(ref: '#/components/schemas/RecipeBody', type: 'object')] public array $body,
        #[OA\Property] public ?string $note,
        #[OA\Property(format: 'date-time')] public ?string $saved_at,
    ) {}

    public static function of(Recipe $recipe): self
    {
        return new self(
            $recipe->id, $recipe->version, $recipe->name, $recipe->use, $recipe->body, $recipe->note,
            $recipe->updated_at?->toIso8601ZuluString(),
        );
    }
}
