<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\MeasuringTool;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class DeleteToolController extends Controller
{
    #[OA\Delete(path: '/api/gardens/{garden}/tools/{tool}', operationId: 'deleteTool', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, MeasuringTool $tool, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.tool-taken-out'), static fn () => $tool->delete());

        return $this->json(ChangeResource::of($change));
    }
}
