<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Garden\Resources\MetPlantResource;
use App\Http\Controllers\Controller;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nebbia\Core\Plant\Meeting;
use Nebbia\Core\Plant\Plants;
use OpenApi\Attributes as OA;

/** What the name of a plant means, while it is typed. */
final class MeetPlantController extends Controller
{
    #[
        OA\Get(
            path: '/api/plants/meet',
            operationId: 'meetPlant',
            parameters: [new OA\QueryParameter(name: 'name', schema: new OA\Schema(type: 'string'))],
            responses: [new Ok(MetPlantResource::class)],
        ),
    ]
    public function __invoke(Request $request, Plants $plants): JsonResponse
    {
        $name = mb_scrub($request->string('name')->limit(80, '')->toString());
        $met = Meeting::of($plants, $name);
        $how = $met->how === 'none' ? 'slip' : $met->how;
        $kind = $met->plant === null || $how === 'unknown' ? null : $plants->named($met->plant->id)->name;

        return $this->json(new MetPlantResource($how, $kind, $how === 'slip' && $met->which === [] ? [''] : $met->which));
    }
}
