<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Course;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Rounds\Queries\CheckCourses;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Rounds of a course are moved as was proposed; worked out anew, so that nothing stale is done. */
final class ReplanCourseController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/courses/{course}/replan',
        operationId: 'replanCourse',
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(Garden $garden, Course $course, CheckCourses $check, ChangeRecorder $recorder): JsonResponse
    {
        $course->load(Course::PLANNED);
        $moves = $check->check($garden, $course)->moves ?? [];
        [, $change] = $recorder->record($garden, Say::it('change.rounds-moved'), static function () use ($course, $moves): void {
            foreach ($moves as $move) {
                $course->rounds
                    ->firstWhere('id', $move->round_id)
                    ?->update(['due_on' => $move->to, 'due_hour' => $move->hour, 'reason' => $move->because]);
            }
        });

        return $this->json(ChangeResource::of($change));
    }
}
