<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use App\Models\RecipeVersion;
use OpenApi\Attributes as OA;

/** A recipe as it once was. */
#[OA\Schema(schema: 'RecipeVersion')]
final readonly class RecipeVersionResource
{
    /** @param  array<string, mixed>  $body */
    public function __construct(
        #[OA\Property] public int $number,
        #[OA\Property] public string $name,
        #[OA\Property(ref: '#/components/schemas/RecipeBody', type: 'object')] public array $body,
        #[OA\Property] public ?string $note,
        #[OA\Property(format: 'date-time')] public string $saved_at,
    ) {}

    public static function of(RecipeVersion $version): self
    {
        return new self($version->number, $version->name, $version->body, $version->note, $version->saved_at->toIso8601ZuluString());
    }
}
