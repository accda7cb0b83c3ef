<?php

declare(strict_types=1);

namespace App\Bench\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'HereAndNow',
    required: [],
    properties: [
        new OA\Property(
            property: 'temperature',
            description: 'As typed, °C or °F by the garden\'s units.',
            type: 'string',
            nullable: true,
        ),
        new OA\Property(property: 'humidity', type: 'string', nullable: true),
        new OA\Property(property: 'wind', description: 'km/h or mph by the garden\'s units.', type: 'string', nullable: true),
        new OA\Property(property: 'rain_in', description: 'Hours until it rains.', type: 'string', nullable: true),
        new OA\Property(
            property: 'part',
            description: 'dawn, morning, midday, afternoon, dusk or night',
            type: 'string',
            nullable: true,
        ),
        new OA\Property(property: 'sun_soon', type: 'boolean'),
        new OA\Property(property: 'bees_about', type: 'boolean'),
        new OA\Property(
            property: 'states',
            type: 'array',
            items: new OA\Items(type: 'string', enum: ['drought', 'new', 'soft-growth', 'hardened', 'in-flower', 'sick', 'bud-swell']),
        ),
        new OA\Property(property: 'water', type: 'string', enum: ['tap', 'rain', 'distilled']),
        new OA\Property(property: 'ph', description: 'Measured, of the finished mix.', type: 'string', nullable: true),
        new OA\Property(property: 'washed', description: 'Rain or a rinse has been over the plant since.', type: 'boolean'),
        new OA\Property(property: 'rinsed', description: 'The sprayer has been rinsed.', type: 'boolean', nullable: true),
    ],
)]
#[OA\Schema(
    schema: 'BenchRequest',
    required: ['recipe'],
    properties: [
        new OA\Property(property: 'recipe', ref: '#/components/schemas/RecipeBody'),
        new OA\Property(property: 'sprayer_id', type: 'string', nullable: true),
        new OA\Property(property: 'planting_id', type: 'string', nullable: true),
        new OA\Property(property: 'now', ref: '#/components/schemas/HereAndNow'),
        new OA\Property(property: 'factor', description: 'By which all that is added is made stronger.', type: 'number'),
        new OA\Property(property: 'volume', description: 'Final volume wanted, as typed.', type: 'string', nullable: true),
    ],
)]
final readonly class BenchRequest extends BenchInput {}
