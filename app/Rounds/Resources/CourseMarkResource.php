<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** Something beside the rounds of a course that has its day: a making to be started, a look at what a spray did. */
#[OA\Schema(schema: 'CourseMark')]
final readonly class CourseMarkResource
{
    public function __construct(
        #[OA\Property] public string $course_id,
        #[OA\Property(enum: ['start', 'look'])] public string $kind,
        #[OA\Property(format: 'date')] public string $day,
        #[OA\Property] public string $what,
    ) {}
}
