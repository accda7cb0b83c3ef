<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use OpenApi\Attributes as OA;

/** What a plant's name means here. */
#[OA\Schema(schema: 'MetPlant')]
final readonly class MetPlantResource
{
    /** @param  list<string>  $which */
    public function __construct(
        #[
            OA\Property(description: 'kin: something like it is known', enum: ['known', 'kin', 'unknown', 'several', 'slip']),
        ]
        public string $how,
        #[OA\Property(description: 'The kind that it is, in words; null where it is not known.')] public ?string $kind,
        #[OA\Property(description: 'Which it may be.', items: new OA\Items(type: 'string'))] public array $which,
    ) {}
}
