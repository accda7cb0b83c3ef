<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Requests\ProductRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\ProductResource;
use App\Http\Resources\SavedProduct;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddProduct extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/products', operationId: 'addProduct', requestBody: new Body(ProductRequest::class), responses: [new Ok(SavedProduct::class, status: 201)])]
    public function __invoke(ProductRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$product, $change] = $recorder->record($garden, 'Product added', static fn () => $garden->products()->create($request->row($garden)));

        return $this->json(new SavedProduct(ProductResource::of($product->refresh(), $garden->units, $garden->localNow()->startOfDay()), ChangeResource::of($change)), 201);
    }
}
