<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Queries\ListChoices;
use App\Bench\Resources\KnowledgeResource;
use App\Http\Controllers\Controller;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Ingredients, plants and targets to choose from. */
final class ShowKnowledgeController extends Controller
{
    #[OA\Get(path: '/api/knowledge', operationId: 'showKnowledge', responses: [new Ok(KnowledgeResource::class)])]
    public function __invoke(ListChoices $choices): JsonResponse
    {
        return $this->json($choices());
    }
}
