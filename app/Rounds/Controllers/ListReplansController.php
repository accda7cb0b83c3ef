<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use App\Rounds\Queries\CheckCourses;
use App\Rounds\Resources\ReplanResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What rain and forecast mean for the courses under way. */
final class ListReplansController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/replans', operationId: 'listReplans', responses: [new Ok(ReplanResource::class, list: true)])]
    public function __invoke(Garden $garden, CheckCourses $check): JsonResponse
    {
        return $this->json($check($garden));
    }
}
