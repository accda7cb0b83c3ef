<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What goes into the lanes beside the rounds themselves. */
#[OA\Schema(schema: 'Lanes')]
final readonly class LanesResource
{
    /**
     * @param  list<WeatherDay>  $weather
     * @param  list<CourseWindows>  $windows
     * @param  list<CourseMark>  $marks
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: WeatherDay::class))] public array $weather,
        #[OA\Property(items: new OA\Items(ref: CourseWindows::class))] public array $windows,
        #[OA\Property(items: new OA\Items(ref: CourseMark::class))] public array $marks,
    ) {}
}
