<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Requests\ToolRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\SavedTool;
use App\Http\Resources\ToolResource;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddTool extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/tools', operationId: 'addTool', requestBody: new Body(ToolRequest::class), responses: [new Ok(SavedTool::class, status: 201)])]
    public function __invoke(ToolRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$tool, $change] = $recorder->record($garden, 'Tool added', static fn () => $garden->tools()->create($request->row($garden)));

        return $this->json(new SavedTool(ToolResource::of($tool->refresh()), ChangeResource::of($change)), 201);
    }
}
