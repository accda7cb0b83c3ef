<?php

declare(strict_types=1);

namespace App\Http\Controllers\Round;

use App\Actions\PlanCourse;
use App\Http\Controllers\Controller;
use App\Http\Requests\CourseRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\CourseResource;
use App\Http\Resources\PlannedCourse;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

final class CreateCourse extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/courses', operationId: 'planCourse', requestBody: new Body(CourseRequest::class), responses: [new Ok(PlannedCourse::class, status: 201)])]
    public function __invoke(CourseRequest $request, Garden $garden, PlanCourse $plan, ChangeRecorder $recorder, Targets $targets, Catalogue $catalogue): JsonResponse
    {
        $plan = $request->plan($garden, $plan);
        [$course, $change] = $recorder->record($garden, 'Rounds planned', $plan);
        $course->load(['recipe', 'other', 'sprayer', 'plantings.zone', 'rounds.application', 'rounds.course', 'trouble.counts']);

        return $this->json(new PlannedCourse(CourseResource::of($course, $targets, $catalogue, $garden->units), ChangeResource::of($change)), 201);
    }
}
