<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'GlanceChoice')]
final readonly class GlanceChoiceResource
{
    public function __construct(
        #[OA\Property(enum: ['gone', 'fewer', 'same', 'more', 'burnt'])] public string $word,
        #[OA\Property(description: 'As it is said of this.')] public string $said,
    ) {}
}
