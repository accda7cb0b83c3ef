<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\ListChoices;
use App\Http\Controllers\Controller;
use App\Http\Resources\KnowledgeResource;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Ingredients, plants and targets to choose from. */
final class ShowKnowledge extends Controller
{
    #[OA\Get(path: '/api/knowledge', operationId: 'showKnowledge', responses: [new Ok(KnowledgeResource::class)])]
    public function __invoke(ListChoices $choices): JsonResponse
    {
        return $this->json($choices());
    }
}
