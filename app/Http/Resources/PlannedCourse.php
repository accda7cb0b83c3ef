<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlannedCourse')]
final readonly class PlannedCourse
{
    public function __construct(
        #[OA\Property] public CourseResource $course,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
