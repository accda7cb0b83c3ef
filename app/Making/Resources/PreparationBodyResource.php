<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** nebbia.preparation/1, as docs/formats describes it; here for the browser's types. */
#[OA\Schema(
    schema: 'PreparationBody',
    required: ['kind'],
    properties: [
        new OA\Property(property: 'kind', type: 'string'),
        new OA\Property(property: 'name', type: 'string', nullable: true),
        new OA\Property(property: 'units', type: 'string', nullable: true),
        new OA\Property(
            property: 'base',
            required: ['amount'],
            properties: [
                new OA\Property(property: 'amount', type: 'string'),
                new OA\Property(property: 'liquid', type: 'string', nullable: true),
                new OA\Property(property: 'strength', type: 'string', nullable: true),
            ],
            type: 'object',
            nullable: true,
        ),
        new OA\Property(
            property: 'ingredients',
            type: 'array',
            items: new OA\Items(
                required: ['ingredient', 'amount'],
                properties: [
                    new OA\Property(property: 'ingredient', type: 'string'),
                    new OA\Property(property: 'amount', type: 'string'),
                    new OA\Property(property: 'strength', type: 'string', nullable: true),
                    new OA\Property(property: 'preparation', type: 'string', nullable: true),
                ],
                type: 'object',
            ),
        ),
        new OA\Property(property: 'soap', ref: '#/components/schemas/SoapPlan'),
    ],
)]
final class PreparationBodyResource {}
