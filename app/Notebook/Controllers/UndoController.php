<?php

declare(strict_types=1);

namespace App\Notebook\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Change;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\UndoChange;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UndoController extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/changes/{change}/undo', operationId: 'undo', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, Change $change, UndoChange $undo): JsonResponse
    {
        $undo($garden, $change);

        return $this->json(ChangeResource::of($change));
    }
}
