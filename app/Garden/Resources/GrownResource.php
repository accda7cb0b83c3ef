<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Reading\Growing\Grown;
use OpenApi\Attributes as OA;

/** A line of a list of plants, as it was read: to be sent back as a planting. */
#[OA\Schema(schema: 'Grown')]
final readonly class GrownResource
{
    /** @param  list<string>  $which */
    public function __construct(
        #[OA\Property] public int $number,
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $variety,
        #[OA\Property(enum: ['seedling', 'cutting', 'growing'])] public string $stage,
        #[OA\Property(description: 'The name by which it is met again.')] public string $plant,
        #[OA\Property(description: 'The kind of kinds, where nothing is known of its name.')] public ?string $kind,
        #[
            OA\Property(description: 'slip: taken for the name nearest to it', enum: ['known', 'kin', 'unknown', 'several', 'slip']),
        ]
        public string $how,
        #[OA\Property(description: 'Which it may be.', items: new OA\Items(type: 'string'))] public array $which,
    ) {}

    public static function of(Grown $one): self
    {
        $how = $one->meeting->how;

        return new self(
            $one->number,
            $one->name,
            $one->variety,
            $one->stage->value,
            match ($how) {
                'slip' => $one->plant->name,
                'several' => $one->name,
                default => $one->meeting->name,
            },
            $how === 'several' ? Plants::UNKNOWN : null,
            $how,
            $how === 'slip' ? [$one->plant->name] : $one->meeting->which,
        );
    }
}
