<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Course;
use App\Models\Garden;
use App\OpenApi\Ok;
use App\Rounds\Resources\CourseResource;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

final class ListCoursesController extends Controller
{
    private const MOST = 40;

    #[OA\Get(path: '/api/gardens/{garden}/courses', operationId: 'listCourses', responses: [new Ok(CourseResource::class, list: true)])]
    public function __invoke(Garden $garden, Targets $targets, Catalogue $catalogue): JsonResponse
    {
        $courses = $garden
            ->courses()
            ->with(Course::SHOWN)
            ->orderByDesc('starts_on')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();

        return $this->json(
            $courses
                ->map(static fn (Course $course): CourseResource => CourseResource::of($course, $targets, $catalogue, $garden->units))
                ->all(),
        );
    }
}
