<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlannedCourse')]
final readonly class PlannedCourseResource
{
    public function __construct(
        #[OA\Property] public CourseResource $course,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
