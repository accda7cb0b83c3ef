<?php

declare(strict_types=1);

namespace App\Keep\Resources;

use OpenApi\Attributes as OA;

/** A backup that is kept. */
#[OA\Schema(schema: 'Backup')]
final readonly class BackupResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Why it was taken, in words.')] public string $why,
        #[OA\Property(format: 'date-time')] public string $taken_at,
        #[OA\Property(description: 'In words: 3 MB.')] public string $size,
    ) {}
}
