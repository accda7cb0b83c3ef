<?php

declare(strict_types=1);

namespace App\Making\Controllers;

use App\Http\Controllers\Controller;
use App\Making\Queries\TellPreparation;
use App\Making\Requests\TendPreparationRequest;
use App\Making\Resources\SavedPreparationResource;
use App\Making\Writes\TendPreparation;
use App\Models\Garden;
use App\Models\Preparation;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Something was done with a preparation, or measured of it. */
final class UpdatePreparationController extends Controller
{
    #[OA\Patch(
        path: '/api/gardens/{garden}/preparations/{preparation}',
        operationId: 'tendPreparation',
        requestBody: new Body(TendPreparationRequest::class),
        responses: [new Ok(SavedPreparationResource::class)],
    )]
    public function __invoke(
        TendPreparationRequest $request,
        Garden $garden,
        Preparation $preparation,
        TendPreparation $tend,
        TellPreparation $tell,
        ChangeRecorder $recorder,
    ): JsonResponse {
        $what = $request->what();
        $preparation->refuseStale($request->integer('version'), $what, $preparation);
        [, $change] = $recorder->record($garden, $request->label(), static fn () => $tend($garden, $preparation, $what));

        return $this->json(new SavedPreparationResource($tell($garden, $preparation), ChangeResource::of($change)));
    }
}
