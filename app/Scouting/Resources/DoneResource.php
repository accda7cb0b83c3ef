<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

/** What was done about a trouble. */
#[OA\Schema(schema: 'Done')]
final readonly class DoneResource
{
    /** @param  list<string>  $photos */
    public function __construct(
        #[OA\Property(enum: ['spray', 'tactic', 'glance'])] public string $kind,
        #[OA\Property] public string $id,
        #[OA\Property(format: 'date-time')] public string $at,
        #[OA\Property] public string $what,
        #[OA\Property] public ?string $note,
        #[OA\Property(description: 'It was done before the trouble was noticed, or against something else.')] public ?string $beside = null,
        #[OA\Property(description: 'Ids of photos.', items: new OA\Items(type: 'string'))] public array $photos = [],
    ) {}
}
