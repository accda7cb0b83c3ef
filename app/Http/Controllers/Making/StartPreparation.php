<?php

declare(strict_types=1);

namespace App\Http\Controllers\Making;

use App\Actions\BeginPreparation;
use App\Actions\TellPreparation;
use App\Http\Controllers\Controller;
use App\Http\Requests\StartPreparationRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\SavedPreparation;
use App\Models\Garden;
use App\Models\Preparation;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A making is begun. */
final class StartPreparation extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/preparations', operationId: 'startPreparation', requestBody: new Body(StartPreparationRequest::class), responses: [new Ok(SavedPreparation::class, status: 201)])]
    public function __invoke(StartPreparationRequest $request, Garden $garden, BeginPreparation $begin, TellPreparation $tell, ChangeRecorder $recorder): JsonResponse
    {
        $body = $request->body();
        [$row, $change] = $recorder->record($garden, 'Making started', static fn (): Preparation => $begin($garden, $body, $request->name(), $request->sprayer($garden)));

        return $this->json(new SavedPreparation($tell($garden, $row), ChangeResource::of($change)), 201);
    }
}
