<?php

declare(strict_types=1);

namespace App\Scouting\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Trouble;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Scouting\Requests\TacticRequest;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddTacticUseController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/troubles/{trouble}/tactics',
        operationId: 'addTacticUse',
        requestBody: new Body(TacticRequest::class),
        responses: [new Ok(ChangeResource::class, status: 201)],
    )]
    public function __invoke(TacticRequest $request, Garden $garden, Trouble $trouble, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.tactic-written-down'),
            static fn () => $trouble->tacticUses()->create($request->tacticUse($garden) + ['garden_id' => $garden->id]),
        );

        return $this->json(ChangeResource::of($change), 201);
    }
}
