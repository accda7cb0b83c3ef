<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WindowDay')]
final readonly class WindowDayResource
{
    public function __construct(
        #[OA\Property(format: 'date')] public string $day,
        #[OA\Property(description: 'Of its best hour.', enum: ['fine', 'poor', 'no', 'unknown'])] public string $word,
    ) {}
}
