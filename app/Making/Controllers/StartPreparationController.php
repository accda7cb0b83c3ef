<?php

declare(strict_types=1);

namespace App\Making\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Making\Queries\TellPreparation;
use App\Making\Requests\StartPreparationRequest;
use App\Making\Resources\SavedPreparationResource;
use App\Making\Writes\BeginPreparation;
use App\Models\Garden;
use App\Models\Preparation;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A making is begun. */
final class StartPreparationController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/preparations',
        operationId: 'startPreparation',
        requestBody: new Body(StartPreparationRequest::class),
        responses: [new Ok(SavedPreparationResource::class, status: 201)],
    )]
    public function __invoke(
        StartPreparationRequest $request,
        Garden $garden,
        BeginPreparation $begin,
        TellPreparation $tell,
        ChangeRecorder $recorder,
    ): JsonResponse {
        $body = $request->body();
        [$row, $change] = $recorder->record(
            $garden,
            Say::it('change.making-started'),
            static fn (): Preparation => $begin($garden, $body, $request->name(), $request->sprayer($garden)),
        );

        return $this->json(new SavedPreparationResource($tell($garden, $row), ChangeResource::of($change)), 201);
    }
}
