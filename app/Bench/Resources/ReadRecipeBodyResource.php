<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** As RecipeBody, with null for what a text does not say. */
#[OA\Schema(
    schema: 'ReadRecipeBody',
    required: ['format', 'name', 'use', 'units', 'base', 'ingredients'],
    properties: [
        new OA\Property(property: 'format', type: 'string'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'use', type: 'string', nullable: true),
        new OA\Property(property: 'units', type: 'string'),
        new OA\Property(
            property: 'base',
            required: ['amount', 'basis', 'liquid'],
            type: 'object',
            properties: [
                new OA\Property(property: 'amount', type: 'string', nullable: true),
                new OA\Property(property: 'basis', type: 'string'),
                new OA\Property(property: 'liquid', type: 'string'),
                new OA\Property(property: 'strength', type: 'string'),
                new OA\Property(property: 'preparation', type: 'string'),
            ],
        ),
        new OA\Property(
            property: 'ingredients',
            type: 'array',
            items: new OA\Items(
                required: ['ingredient', 'amount'],
                type: 'object',
                properties: [
                    new OA\Property(property: 'ingredient', type: 'string', nullable: true),
                    new OA\Property(property: 'amount', type: 'string', nullable: true),
                    new OA\Property(property: 'strength', type: 'string'),
                    new OA\Property(property: 'name', description: 'Of "other": what it is called.', type: 'string'),
                    new OA\Property(property: 'preparation', description: 'The stock it is taken from.', type: 'string'),
                ],
            ),
        ),
        new OA\Property(
            property: 'preparations',
            description: 'The stock that is thinned, nebbia.preparation/1.',
            type: 'array',
            items: new OA\Items(type: 'object', additionalProperties: true),
        ),
        new OA\Property(
            property: 'repeat',
            required: ['every_days'],
            type: 'object',
            properties: [
                new OA\Property(property: 'every_days', type: 'number'),
                new OA\Property(property: 'times', type: 'integer', nullable: true),
            ],
        ),
        new OA\Property(property: 'targets', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'plants', description: 'Kinds that are spoken of.', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class ReadRecipeBodyResource {}
