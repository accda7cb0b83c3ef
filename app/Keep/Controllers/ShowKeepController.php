<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Http\Controllers\Controller;
use App\Keep\Queries\ShowKeep;
use App\Keep\Resources\KeepResource;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Where all is kept, and its backups. */
final class ShowKeepController extends Controller
{
    #[OA\Get(path: '/api/keep', operationId: 'showKeep', responses: [new Ok(KeepResource::class)])]
    public function __invoke(ShowKeep $show): JsonResponse
    {
        return $this->json($show());
    }
}
