<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** nebbia.recipe/1, as docs/formats describes it; here for the browser's types. */
#[OA\Schema(schema: 'RecipeLine', required: ['ingredient', 'amount'], properties: [
    new OA\Property(property: 'ingredient', type: 'string'),
    new OA\Property(property: 'amount', type: 'string'),
    new OA\Property(property: 'strength', type: 'string'),
    new OA\Property(property: 'preparation', description: 'The jar it is taken from.', type: 'string'),
    new OA\Property(property: 'name', description: 'Of "other": what it is called.', type: 'string'),
    new OA\Property(property: 'form', description: 'Of "other", where it is said.', type: 'string', enum: ['liquid', 'solid']),
    new OA\Property(property: 'density', description: 'Of "other", g/mL, where it was weighed.', type: 'number'),
])]
#[OA\Schema(schema: 'RecipeBody', required: ['format', 'name', 'use', 'units', 'base', 'ingredients'], properties: [
    new OA\Property(property: 'format', type: 'string', enum: ['nebbia.recipe/1']),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'use', type: 'string', enum: ['foliar', 'drench', 'weed', 'dip', 'wipe', 'disinfect']),
    new OA\Property(property: 'units', type: 'string', enum: ['us', 'metric', 'imperial', 'au']),
    new OA\Property(property: 'base', required: ['amount', 'basis', 'liquid'], type: 'object', properties: [
        new OA\Property(property: 'amount', type: 'string'),
        new OA\Property(property: 'basis', type: 'string', enum: ['added', 'final']),
        new OA\Property(property: 'liquid', type: 'string'),
        new OA\Property(property: 'strength', type: 'string'),
        new OA\Property(property: 'preparation', type: 'string'),
        new OA\Property(property: 'name', type: 'string'),
    ]),
    new OA\Property(property: 'ingredients', type: 'array', items: new OA\Items(ref: '#/components/schemas/RecipeLine')),
    new OA\Property(property: 'repeat', required: ['every_days'], type: 'object', properties: [
        new OA\Property(property: 'every_days', description: 'A fraction where whole days take turns.', type: 'number'),
        new OA\Property(property: 'times', type: 'integer'),
    ]),
    new OA\Property(property: 'targets', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(
        property: 'preparations',
        description: 'Those that the recipe carries with it, each nebbia.preparation/1.',
        type: 'array',
        items: new OA\Items(type: 'object', additionalProperties: true),
    ),
    new OA\Property(property: 'note', type: 'string'),
])]
final class RecipeBodyResource {}
