<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use App\Pantry\Queries\ListShopping;
use App\Pantry\Resources\ShoppingResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What has to be bought for the planned rounds. */
final class ShowShoppingController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/shopping', operationId: 'showShopping', responses: [new Ok(ShoppingResource::class)])]
    public function __invoke(Garden $garden, ListShopping $list): JsonResponse
    {
        return $this->json($list($garden));
    }
}
