<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Pantry\Requests\ProductRequest;
use App\Pantry\Resources\ProductResource;
use App\Pantry\Resources\SavedProductResource;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddProductController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/products',
        operationId: 'addProduct',
        requestBody: new Body(ProductRequest::class),
        responses: [new Ok(SavedProductResource::class, status: 201)],
    )]
    public function __invoke(ProductRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$product, $change] = $recorder->record(
            $garden,
            Say::it('change.product-added'),
            static fn () => $garden->products()->create($request->row($garden)),
        );

        return $this->json(
            new SavedProductResource(
                ProductResource::of($product->refresh(), $garden->units, $garden->localNow()->startOfDay()),
                ChangeResource::of($change),
            ),
            201,
        );
    }
}
