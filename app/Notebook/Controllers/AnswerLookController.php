<?php

declare(strict_types=1);

namespace App\Notebook\Controllers;

use App\Bench\SprayHistory;
use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Look;
use App\Notebook\Queries\ShowLooks;
use App\Notebook\Requests\LookAnswerRequest;
use App\Notebook\Resources\ChangeResource;
use App\Notebook\Resources\SavedLookResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What was seen on the leaves. */
final class AnswerLookController extends Controller
{
    #[OA\Put(
        path: '/api/gardens/{garden}/looks/{look}',
        operationId: 'answerLook',
        requestBody: new Body(LookAnswerRequest::class),
        responses: [new Ok(SavedLookResource::class)],
    )]
    public function __invoke(
        LookAnswerRequest $request,
        Garden $garden,
        Look $look,
        ShowLooks $show,
        ChangeRecorder $recorder,
        SprayHistory $past,
    ): JsonResponse {
        $attributes = [
            'score' => $request->float('score'),
            'note' => $request->filled('note') ? $request->string('note')->toString() : $look->note,
            'seen_at' => $garden->now(),
        ];
        $look->refuseStale($request->integer('version'), $attributes, $look);
        [, $change] = $recorder->record($garden, Say::it('change.look-written-down'), static fn () => $look->update($attributes));
        $past->forget($garden);
        $planting = $garden->plantings()->with('zone')->findOrFail($look->planting_id);

        return $this->json(new SavedLookResource($show($garden, $planting), ChangeResource::of($change)));
    }
}
