<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Course;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Rounds\Queries\RefusePlan;
use App\Rounds\Requests\CourseRequest;
use App\Rounds\Resources\CourseResource;
use App\Rounds\Resources\PlannedCourseResource;
use App\Rounds\Writes\PlanCourse;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

final class CreateCourseController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/courses',
        operationId: 'planCourse',
        requestBody: new Body(CourseRequest::class),
        responses: [new Ok(PlannedCourseResource::class, status: 201)],
    )]
    public function __invoke(
        CourseRequest $request,
        Garden $garden,
        PlanCourse $plan,
        RefusePlan $refuse,
        ChangeRecorder $recorder,
        Targets $targets,
        Catalogue $catalogue,
    ): JsonResponse {
        $plan = $request->plan($garden, $plan, $refuse);
        [$course, $change] = $recorder->record($garden, Say::it('change.rounds-planned'), $plan);
        $course->load(Course::SHOWN);

        return $this->json(
            new PlannedCourseResource(CourseResource::of($course, $targets, $catalogue, $garden->units), ChangeResource::of($change)),
            201,
        );
    }
}
