<?php

declare(strict_types=1);

namespace App\Settings\Controllers;

use App\Http\Controllers\Controller;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Settings\Requests\StartGardenRequest;
use App\Settings\Resources\GardenResource;
use App\Settings\Writes\StartGarden;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

/** The first run. */
final class StartGardenController extends Controller
{
    #[OA\Post(
        path: '/api/gardens',
        operationId: 'startGarden',
        requestBody: new Body(StartGardenRequest::class),
        responses: [new Ok(GardenResource::class, status: 201)],
    )]
    public function __invoke(StartGardenRequest $request, StartGarden $start): JsonResponse
    {
        $garden = DB::transaction(
            static fn () => $request->wantsDemo() ? $start->demo() : $start->empty($request->settings(), $request->beginnings()),
        );

        return $this->json(GardenResource::of($garden->refresh()), 201);
    }
}
