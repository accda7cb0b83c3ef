<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Requests\ProductRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\ProductResource;
use App\Http\Resources\SavedProduct;
use App\Models\Garden;
use App\Models\Product;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateProduct extends Controller
{
    #[OA\Put(path: '/api/gardens/{garden}/products/{product}', operationId: 'updateProduct', requestBody: new Body(ProductRequest::class), responses: [new Ok(SavedProduct::class)])]
    public function __invoke(ProductRequest $request, Garden $garden, Product $product, ChangeRecorder $recorder): JsonResponse
    {
        $attributes = $request->row($garden);
        $product->refuseStale($request->integer('version'), $attributes, ProductResource::of($product, $garden->units, $garden->localNow()->startOfDay()));
        [, $change] = $recorder->record($garden, 'Product changed', static fn () => $product->update($attributes));

        return $this->json(new SavedProduct(ProductResource::of($product, $garden->units, $garden->localNow()->startOfDay()), ChangeResource::of($change)));
    }
}
