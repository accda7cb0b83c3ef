<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Core\Say;
use App\Garden\Requests\PlantingsRequest;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Adds a whole list of plantings, or none of it. */
final class AddPlantingsController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/plantings/list',
        operationId: 'addPlantings',
        requestBody: new Body(PlantingsRequest::class),
        responses: [new Ok(ChangeResource::class, status: 201)],
    )]
    public function __invoke(PlantingsRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        $rows = $request->plantings($garden);
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.plantings-added', ['number' => count($rows)]),
            static fn () => array_map(static fn (array $row) => $garden->plantings()->create($row), $rows),
        );

        return $this->json(ChangeResource::of($change), 201);
    }
}
