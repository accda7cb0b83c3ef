<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** A rule, and what it rests on. */
#[OA\Schema(schema: 'Ground')]
final readonly class GroundResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $topic,
        #[OA\Property] public string $topic_name,
        #[OA\Property] public string $title,
        #[OA\Property] public string $text,
        #[OA\Property] public string $basis,
        #[OA\Property] public string $sure,
        #[OA\Property(description: 'Other names of what it speaks of, to be found by.')] public string $also,
    ) {}
}
