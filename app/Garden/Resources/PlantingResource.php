<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use App\Models\Planting;
use App\Settings\AtHome;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Planting')]
final readonly class PlantingResource
{
    /** @param  list<string>  $states */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $plant,
        #[OA\Property(description: 'The kind, in words.')] public string $kind,
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $variety,
        #[OA\Property] public int $number,
        #[OA\Property] public string $stage,
        #[OA\Property] public string $zone,
        #[OA\Property] public string $zone_id,
        #[OA\Property] public ?float $height_cm,
        #[OA\Property(description: 'Ground that they cover.')] public ?float $area_m2,
        #[OA\Property(description: 'Litres of one pot.')] public ?float $pot_l,
        #[OA\Property] public bool $indoors,
        #[OA\Property(description: 'Indoors, where the sun comes through a window.')] public bool $sunny_window,
        #[OA\Property] public bool $in_flower,
        #[OA\Property(description: 'What is harvested of it, if anything.')] public ?string $eaten,
        #[OA\Property(format: 'date')] public ?string $harvest_on,
        #[OA\Property(format: 'date')] public ?string $new_until,
        #[OA\Property(enum: ['replaceable', 'dear', 'irreplaceable'])] public string $value,
        #[OA\Property] public ?string $note,
        #[OA\Property(format: 'date')] public ?string $retired_on,
        #[OA\Property] public ?string $retired_why,
        #[OA\Property(items: new OA\Items(type: 'string', enum: ['soft-growth', 'hardened', 'sick', 'bud-swell']))] public array $states,
        #[OA\Property(description: 'Planted, potted or moved on that day.', format: 'date')] public ?string $moved_on,
        #[OA\Property] public ?PlantCareResource $care,
        #[OA\Property(description: 'In the household\'s units.')] public ?string $height_said,
        #[OA\Property(description: 'As it would be typed again, without its unit.')] public ?string $height_typed,
        #[OA\Property] public ?string $area_typed,
        #[OA\Property] public ?string $pot_typed,
    ) {}

    /** The planting's zone must be loaded. */
    public static function of(Planting $planting): self
    {
        $kind = $planting->met();
        $units = app(AtHome::class)->units;
        $said = static fn (?float $size, callable $say): ?string => $size === null ? null : $say($size);

        return new self(
            $planting->id,
            $planting->version,
            $planting->plant,
            $kind->name,
            $planting->name,
            $planting->variety,
            $planting->number,
            $planting->stage,
            $planting->zone->name,
            $planting->zone_id,
            $planting->height_cm,
            $planting->area_m2,
            $planting->pot_l,
            $planting->indoors,
            $planting->sunny_window,
            $planting->in_flower,
            $kind->eaten,
            $planting->harvest_on?->toDateString(),
            $planting->new_until?->toDateString(),
            $planting->value->value,
            $planting->note,
            $planting->retired_on?->toDateString(),
            $planting->retired_why,
            $planting->states,
            $planting->moved_on?->toDateString(),
            $planting->care === null ? null : PlantCareResource::of($planting->care),
            $said($planting->height_cm, $units->length(...)),
            $said($planting->height_cm, $units->typedLength(...)),
            $said($planting->area_m2, $units->typedArea(...)),
            $said($planting->pot_l, $units->typedPot(...)),
        );
    }
}
