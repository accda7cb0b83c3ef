<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** What the foretold days are worth for the next round of a course. */
#[OA\Schema(schema: 'CourseWindows')]
final readonly class CourseWindowsResource
{
    /** @param  list<WindowDayResource>  $days */
    public function __construct(
        #[OA\Property] public string $course_id,
        #[OA\Property(items: new OA\Items(ref: WindowDayResource::class))] public array $days,
    ) {}
}
