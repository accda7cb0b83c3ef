<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use App\Bench\Resources\FindingResource;
use OpenApi\Attributes as OA;

/** What a bottle's list of contents says. */
#[OA\Schema(schema: 'LabelReading')]
final readonly class LabelReadingResource
{
    /**
     * @param  list<LabelPartResource>  $parts
     * @param  list<LabelClassResource>  $classes
     * @param  list<FindingResource>  $findings
     */
    public function __construct(
        #[OA\Property(enum: ['soap', 'detergent', 'mixed', 'unclear'])] public string $verdict,
        #[OA\Property(description: 'It is something else than a soap or a detergent, and known.')] public bool $known,
        #[OA\Property] public string $said,
        #[OA\Property] public string $because,
        #[OA\Property] public string $advice,
        #[OA\Property(items: new OA\Items(ref: LabelPartResource::class))] public array $parts,
        #[
            OA\Property(description: 'What each class that is on it means.', items: new OA\Items(ref: LabelClassResource::class)),
        ]
        public array $classes,
        #[OA\Property(items: new OA\Items(ref: FindingResource::class))] public array $findings,
        #[OA\Property(description: 'Of true soap, in words, where the label bounds it.')] public ?string $soap,
        #[OA\Property(description: 'The ingredient it can be kept as in the pantry.')] public ?string $ingredient,
        #[OA\Property] public ?string $ingredient_name,
        #[OA\Property] public ?string $strength,
    ) {}
}
