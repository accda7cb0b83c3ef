<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Scouting')]
final readonly class ScoutingResource
{
    /**
     * @param  list<string>  $present
     * @param  list<string>  $absent
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property(format: 'date-time')] public string $at,
        #[OA\Property] public ?string $trouble_id,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $present,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $absent,
        #[OA\Property] public ?string $note,
        #[OA\Property] public bool $has_photo,
    ) {}
}
