<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Pantry\Requests\ToolRequest;
use App\Pantry\Resources\SavedToolResource;
use App\Pantry\Resources\ToolResource;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddToolController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/tools',
        operationId: 'addTool',
        requestBody: new Body(ToolRequest::class),
        responses: [new Ok(SavedToolResource::class, status: 201)],
    )]
    public function __invoke(ToolRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$tool, $change] = $recorder->record(
            $garden,
            Say::it('change.tool-added'),
            static fn () => $garden->tools()->create($request->row($garden)),
        );

        return $this->json(new SavedToolResource(ToolResource::of($tool->refresh()), ChangeResource::of($change)), 201);
    }
}
