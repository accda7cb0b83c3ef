<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Requests\ToolRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\SavedTool;
use App\Http\Resources\ToolResource;
use App\Models\Garden;
use App\Models\MeasuringTool;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateTool extends Controller
{
    #[OA\Put(path: '/api/gardens/{garden}/tools/{tool}', operationId: 'updateTool', requestBody: new Body(ToolRequest::class), responses: [new Ok(SavedTool::class)])]
    public function __invoke(ToolRequest $request, Garden $garden, MeasuringTool $tool, ChangeRecorder $recorder): JsonResponse
    {
        $attributes = $request->row($garden);
        $tool->refuseStale($request->integer('version'), $attributes, ToolResource::of($tool));
        [, $change] = $recorder->record($garden, 'Tool changed', static fn () => $tool->update($attributes));

        return $this->json(new SavedTool(ToolResource::of($tool), ChangeResource::of($change)));
    }
}
