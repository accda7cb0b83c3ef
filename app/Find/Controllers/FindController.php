<?php

declare(strict_types=1);

namespace App\Find\Controllers;

use App\Find\Queries\Find;
use App\Find\Resources\FoundResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** The one box: whatever is typed is found, or written down. */
final class FindController extends Controller
{
    private const LONGEST = 200;

    #[OA\Get(
        path: '/api/gardens/{garden}/find',
        operationId: 'find',
        parameters: [new OA\QueryParameter(name: 'typed', schema: new OA\Schema(type: 'string'))],
        responses: [new Ok(FoundResource::class, list: true)],
    )]
    public function __invoke(Request $request, Garden $garden, Find $find): JsonResponse
    {
        return $this->json($find($garden, mb_substr(trim($request->string('typed')->toString()), 0, self::LONGEST)));
    }
}
