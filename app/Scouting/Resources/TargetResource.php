<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Target')]
final readonly class TargetResource
{
    /** @param  list<string>  $enemies */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $does,
        #[OA\Property] public string $look,
        #[OA\Property] public string $favours,
        #[OA\Property] public ?string $reached,
        #[OA\Property] public ?string $spared,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $enemies,
        #[OA\Property] public ?string $cycle,
        #[OA\Property] public ?string $watch_until,
        #[OA\Property] public ?string $basis,
        #[OA\Property] public ?string $sure,
        #[OA\Property] public ?int $every_days,
        #[OA\Property] public ?int $times,
    ) {}
}
