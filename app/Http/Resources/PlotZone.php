<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlotZone')]
final readonly class PlotZone
{
    /** @param  list<PlotPlanting>  $plantings */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $note,
        #[OA\Property(items: new OA\Items(ref: PlotPlanting::class))] public array $plantings,
    ) {}
}
