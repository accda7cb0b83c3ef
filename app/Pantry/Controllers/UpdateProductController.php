<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Product;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Pantry\Requests\ProductRequest;
use App\Pantry\Resources\ProductResource;
use App\Pantry\Resources\SavedProductResource;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateProductController extends Controller
{
    #[OA\Put(
        path: '/api/gardens/{garden}/products/{product}',
        operationId: 'updateProduct',
        requestBody: new Body(ProductRequest::class),
        responses: [new Ok(SavedProductResource::class)],
    )]
    public function __invoke(ProductRequest $request, Garden $garden, Product $product, ChangeRecorder $recorder): JsonResponse
    {
        $attributes = $request->row($garden);
        $product->refuseStale(
            $request->integer('version'),
            $attributes,
            ProductResource::of($product, $garden->units, $garden->localNow()->startOfDay()),
        );
        [, $change] = $recorder->record($garden, Say::it('change.product-changed'), static fn () => $product->update($attributes));

        return $this->json(
            new SavedProductResource(
                ProductResource::of($product, $garden->units, $garden->localNow()->startOfDay()),
                ChangeResource::of($change),
            ),
        );
    }
}
