<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** Something made ahead, as a jar on the shelf. */
#[OA\Schema(schema: 'Preparation')]
final readonly class PreparationResource
{
    /**
     * @param  list<string>  $makeup
     * @param  list<string>  $spoils
     * @param  list<string>  $places
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public string $kind,
        #[OA\Property(description: 'The kind, in words.')] public string $kind_name,
        #[OA\Property(description: 'The ingredient it is used as.')] public string $ingredient,
        #[
            OA\Property(enum: ['steeping', 'to-strain', 'untested', 'refused', 'ready', 'use-soon', 'gone-off', 'empty']),
        ]
        public string $state,
        #[OA\Property(description: 'The state, in words.')] public string $said,
        #[OA\Property(description: 'How long until it is done, or keeps.')] public ?string $time_left,
        #[
            OA\Property(description: 'How far it has got to where it is ready, or to where it has gone off; 0 to 1.'),
        ]
        public ?float $progress,
        #[OA\Property(format: 'date-time')] public string $started_at,
        #[OA\Property(format: 'date-time')] public ?string $strain_at,
        #[OA\Property(format: 'date-time')] public ?string $ready_at,
        #[OA\Property(format: 'date-time')] public ?string $use_by,
        #[OA\Property(format: 'date-time')] public ?string $stir_at,
        #[
            OA\Property(description: 'Where it stands; in its pot until it is strained.', enum: ['warm', 'fridge', 'frozen', 'pot']),
        ]
        public string $place,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $places,
        #[OA\Property] public ?float $left_ml,
        #[OA\Property] public ?string $left,
        #[OA\Property(description: 'Of what came through, 0 to 1.')] public ?float $fill,
        #[OA\Property(description: 'What a litre holds.', items: new OA\Items(type: 'string'))] public array $makeup,
        #[OA\Property] public ?float $ph,
        #[OA\Property(description: 'What a soap\'s test said.')] public ?string $tested,
        #[OA\Property] public string $into,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $spoils,
        #[OA\Property] public bool $is_soap,
        #[OA\Property(description: 'It feeds the soil rather than sprays leaves.')] public bool $is_feed,
        #[OA\Property] public bool $measure_ph,
        #[OA\Property] public ?string $note,
    ) {}
}
