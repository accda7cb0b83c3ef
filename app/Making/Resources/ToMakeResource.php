<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** Something that planned rounds need made ahead, and by when. */
#[OA\Schema(schema: 'ToMake')]
final readonly class ToMakeResource
{
    /** @param  list<string>  $raw */
    public function __construct(
        #[OA\Property] public string $kind,
        #[OA\Property] public string $name,
        #[OA\Property(format: 'date-time')] public string $start_at,
        #[OA\Property(format: 'date-time')] public string $ready_at,
        #[OA\Property] public bool $is_late,
        #[OA\Property(description: 'How much of it the rounds take.')] public string $wanted,
        #[OA\Property(description: 'The same, as text that can be read again.')] public string $want,
        #[OA\Property(description: 'What goes in.', items: new OA\Items(type: 'string'))] public array $raw,
        #[OA\Property(description: 'Which rounds it is for.')] public string $for,
        #[
            OA\Property(description: 'Why there are several, where it does not keep long enough; what comes off the shelf.'),
        ]
        public ?string $because,
    ) {}
}
