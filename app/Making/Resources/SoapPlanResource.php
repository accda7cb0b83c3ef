<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** A soap as it is planned: oils, alkali, what is checked. */
#[OA\Schema(
    schema: 'SoapPlan',
    required: ['oils'],
    properties: [
        new OA\Property(
            property: 'oils',
            description: 'Oil => amount.',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'string'),
        ),
        new OA\Property(property: 'alkali', description: 'KOH, NaOH, or a blend by moles like KOH:70,NaOH:30.', type: 'string'),
        new OA\Property(property: 'purity', type: 'string', nullable: true),
        new OA\Property(property: 'superfat', type: 'string', nullable: true),
        new OA\Property(property: 'alkali_mass', description: 'As bought, to be checked.', type: 'string', nullable: true),
        new OA\Property(property: 'storage', description: '% of soap in which it is stored.', type: 'string', nullable: true),
        new OA\Property(property: 'vessel', type: 'string', nullable: true),
    ],
)]
final class SoapPlanResource {}
