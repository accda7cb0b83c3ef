<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

/** What the API says of itself, and the shapes in which it refuses. */
#[OA\Info(version: '1', title: 'Nebbia')]
#[OA\Schema(schema: 'Failure', required: ['message'], properties: [new OA\Property(property: 'message', type: 'string')])]
#[OA\Schema(
    schema: 'Invalid',
    required: ['message', 'errors'],
    properties: [
        new OA\Property(property: 'message', type: 'string'),
        new OA\Property(
            property: 'errors',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')),
        ),
    ],
)]
#[OA\Schema(
    schema: 'Stale',
    required: ['message'],
    properties: [
        new OA\Property(property: 'message', type: 'string'),
        new OA\Property(property: 'yours', type: 'object'),
        new OA\Property(property: 'theirs', type: 'object'),
    ],
)]
final class Failures {}
