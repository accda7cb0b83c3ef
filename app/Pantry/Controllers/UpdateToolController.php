<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\MeasuringTool;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Pantry\Requests\ToolRequest;
use App\Pantry\Resources\SavedToolResource;
use App\Pantry\Resources\ToolResource;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateToolController extends Controller
{
    #[OA\Put(
        path: '/api/gardens/{garden}/tools/{tool}',
        operationId: 'updateTool',
        requestBody: new Body(ToolRequest::class),
        responses: [new Ok(SavedToolResource::class)],
    )]
    public function __invoke(ToolRequest $request, Garden $garden, MeasuringTool $tool, ChangeRecorder $recorder): JsonResponse
    {
        $attributes = $request->row($garden);
        $tool->refuseStale($request->integer('version'), $attributes, ToolResource::of($tool));
        [, $change] = $recorder->record($garden, Say::it('change.tool-changed'), static fn () => $tool->update($attributes));

        return $this->json(new SavedToolResource(ToolResource::of($tool), ChangeResource::of($change)));
    }
}
