<?php

declare(strict_types=1);

namespace App\Bench\Requests;

use App\Models\Garden;
use App\Models\Product;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SwapRequest', required: ['recipe'], properties: [
    new OA\Property(property: 'recipe', ref: '#/components/schemas/RecipeBody'),
    new OA\Property(property: 'line', description: 'Position of the line; the base if left out.', type: 'integer', nullable: true),
    new OA\Property(property: 'product_id', description: 'The bottle to take instead.', type: 'string', nullable: true),
    new OA\Property(property: 'ingredient', description: 'Where it is no bottle of the cupboard.', type: 'string', nullable: true),
    new OA\Property(property: 'strength', type: 'string', nullable: true),
])]
final readonly class SwapRequest extends BenchInput
{
    public function line(): ?int
    {
        $line = $this->request->input('line');

        return is_int($line) ? $line : null;
    }

    public function product(Garden $garden): ?Product
    {
        $id = $this->text('product_id');

        return $id === null ? null : $garden->products()->findOrFail($id);
    }

    public function ingredient(): string
    {
        return $this->text('ingredient') ?? '';
    }

    public function strength(): ?string
    {
        return $this->text('strength');
    }
}
