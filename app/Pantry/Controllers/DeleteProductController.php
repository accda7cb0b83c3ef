<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Product;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class DeleteProductController extends Controller
{
    #[OA\Delete(path: '/api/gardens/{garden}/products/{product}', operationId: 'deleteProduct', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, Product $product, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.product-taken-out'), static fn () => $product->delete());

        return $this->json(ChangeResource::of($change));
    }
}
