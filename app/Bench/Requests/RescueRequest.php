<?php

declare(strict_types=1);

namespace App\Bench\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'RescueRequest',
    required: ['recipe', 'in'],
    properties: [
        new OA\Property(property: 'recipe', ref: '#/components/schemas/RecipeBody'),
        new OA\Property(property: 'sprayer_id', type: 'string', nullable: true),
        new OA\Property(property: 'planting_id', type: 'string', nullable: true),
        new OA\Property(property: 'volume', type: 'string', nullable: true),
        new OA\Property(
            property: 'in',
            description: 'Lines that are in as planned.',
            type: 'array',
            items: new OA\Items(type: 'integer'),
        ),
        new OA\Property(property: 'base_ml', description: 'Of the base that is in.', type: 'number'),
        new OA\Property(
            property: 'line',
            description: 'The line of which something else went in; the base if left out.',
            type: 'integer',
            nullable: true,
        ),
        new OA\Property(property: 'put', description: 'What really went in, as typed: "1 tbsp".', type: 'string'),
    ],
)]
final readonly class RescueRequest extends BenchInput
{
    /** @return list<int> */
    public function in(): array
    {
        $in = $this->request->input('in');

        return is_array($in) ? array_values(array_filter($in, is_int(...))) : [];
    }

    public function baseMl(): float
    {
        $ml = $this->request->input('base_ml');

        return is_int($ml) || is_float($ml) ? (float) $ml : 0.0;
    }

    public function line(): ?int
    {
        $line = $this->request->input('line');

        return is_int($line) ? $line : null;
    }

    public function put(): string
    {
        return $this->text('put') ?? '';
    }
}
