<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Planting;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Planting')]
final readonly class PlantingResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $plant,
        #[OA\Property] public string $name,
        #[OA\Property] public int $number,
        #[OA\Property] public string $stage,
        #[OA\Property] public string $zone,
        #[OA\Property] public ?string $note,
    ) {}

    /** The planting's zone must be loaded. */
    public static function of(Planting $planting): self
    {
        return new self(
            $planting->id, $planting->version, $planting->plant, $planting->name, $planting->number, $planting->stage,
            $planting->zone->name, $planting->note,
        );
    }
}
