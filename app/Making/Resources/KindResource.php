<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** A kind of preparation that can be started. */
#[OA\Schema(schema: 'PreparationKind')]
final readonly class KindResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $note,
        #[OA\Property] public string $ingredient,
        #[OA\Property(description: 'How long it takes; null where it is ready at once.')] public ?string $takes,
        #[OA\Property(description: 'How long it keeps, and where.')] public string $keeps,
        #[OA\Property] public string $into,
        #[OA\Property] public bool $is_soap,
    ) {}
}
