<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use App\Weather\Resources\WeatherDayResource;
use OpenApi\Attributes as OA;

/** What goes into the lanes beside the rounds themselves. */
#[OA\Schema(schema: 'Lanes')]
final readonly class LanesResource
{
    /**
     * @param  list<WeatherDayResource>  $weather
     * @param  list<CourseWindowsResource>  $windows
     * @param  list<CourseMarkResource>  $marks
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: WeatherDayResource::class))] public array $weather,
        #[OA\Property(items: new OA\Items(ref: CourseWindowsResource::class))] public array $windows,
        #[OA\Property(items: new OA\Items(ref: CourseMarkResource::class))] public array $marks,
    ) {}
}
