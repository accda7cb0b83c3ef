<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** One substance across recipes. */
#[OA\Schema(schema: 'ComparedSubstance')]
final readonly class ComparedSubstanceResource
{
    /** @param  list<ComparedStrengthResource>  $strengths  of the recipes that have it */
    public function __construct(
        #[OA\Property] public string $substance,
        #[OA\Property] public string $name,
        #[OA\Property] public string $unit,
        #[OA\Property] public ?float $works_from,
        #[OA\Property] public ?float $works_to,
        #[OA\Property] public ?float $careful,
        #[OA\Property] public ?float $stop,
        #[OA\Property] public ?float $mild,
        #[OA\Property] public ?float $middle,
        #[OA\Property] public ?float $strong,
        #[OA\Property(description: 'From where to where it works; null where that is not known.')] public ?string $said_works,
        #[OA\Property] public ?string $said_careful,
        #[OA\Property] public ?string $said_stop,
        #[OA\Property(items: new OA\Items(ref: ComparedStrengthResource::class))] public array $strengths,
    ) {}
}
