<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** What was left over of a batch and is still about. */
#[OA\Schema(schema: 'LeftBatch')]
final readonly class LeftBatchResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $left,
        #[OA\Property(format: 'date-time')] public string $made_at,
        #[OA\Property(format: 'date-time')] public ?string $use_by,
        #[OA\Property] public bool $is_over,
        #[OA\Property(description: 'How to get rid of it.')] public string $how,
    ) {}
}
