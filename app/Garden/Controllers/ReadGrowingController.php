<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Garden\Requests\GrowingRequest;
use App\Garden\Resources\GrowingResource;
use App\Garden\Resources\GrownResource;
use App\Http\Controllers\Controller;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Reading\Growing\PlantListReader;
use OpenApi\Attributes as OA;

/** Reads what grows out of a line of talk or a pasted list, while it is typed. */
final class ReadGrowingController extends Controller
{
    #[OA\Post(
        path: '/api/plants/list',
        operationId: 'readGrowing',
        requestBody: new Body(GrowingRequest::class),
        responses: [new Ok(GrowingResource::class)],
    )]
    public function __invoke(GrowingRequest $request, PlantListReader $reader): JsonResponse
    {
        return $this->json(
            new GrowingResource(array_map(GrownResource::of(...), $reader->read($request->string('text')->toString()))),
        );
    }
}
