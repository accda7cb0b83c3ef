<?php

declare(strict_types=1);

namespace App\Http\Controllers\Round;

use App\Actions\CheckCourses;
use App\Http\Controllers\Controller;
use App\Http\Resources\ReplanResource;
use App\Models\Garden;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What rain and forecast mean for the courses under way. */
final class ListReplans extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/replans', operationId: 'listReplans', responses: [new Ok(ReplanResource::class, list: true)])]
    public function __invoke(Garden $garden, CheckCourses $check): JsonResponse
    {
        return $this->json($check($garden));
    }
}
