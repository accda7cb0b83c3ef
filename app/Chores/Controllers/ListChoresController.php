<?php

declare(strict_types=1);

namespace App\Chores\Controllers;

use App\Chores\Resources\ChoreResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ListChoresController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/chores', operationId: 'listChores', responses: [new Ok(ChoreResource::class, list: true)])]
    public function __invoke(Garden $garden): JsonResponse
    {
        return $this->json(array_values($garden->chores()->with('planting')->get()->map(ChoreResource::of(...))->all()));
    }
}
