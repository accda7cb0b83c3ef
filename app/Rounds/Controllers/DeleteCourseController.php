<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Course;
use App\Models\Garden;
use App\Models\RoundStatus;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class DeleteCourseController extends Controller
{
    #[OA\Delete(path: '/api/gardens/{garden}/courses/{course}', operationId: 'deleteCourse', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, Course $course, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.course-ended'), static function () use ($course): void {
            // What was done stays; only what was still planned goes.
            foreach ($course->rounds()->where('status', RoundStatus::Planned)->get() as $round) {
                $round->delete();
            }
            if ($course->rounds()->doesntExist()) {
                $course->delete();
            }
        });

        return $this->json(ChangeResource::of($change));
    }
}
