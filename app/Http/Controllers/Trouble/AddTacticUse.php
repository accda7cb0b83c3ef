<?php

declare(strict_types=1);

namespace App\Http\Controllers\Trouble;

use App\Http\Controllers\Controller;
use App\Http\Requests\TacticRequest;
use App\Http\Resources\ChangeResource;
use App\Models\Garden;
use App\Models\Trouble;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddTacticUse extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/troubles/{trouble}/tactics', operationId: 'addTacticUse', requestBody: new Body(TacticRequest::class), responses: [new Ok(ChangeResource::class, status: 201)])]
    public function __invoke(TacticRequest $request, Garden $garden, Trouble $trouble, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, 'Tactic written down', static fn () => $trouble->tacticUses()->create($request->tacticUse($garden) + ['garden_id' => $garden->id]));

        return $this->json(ChangeResource::of($change), 201);
    }
}
