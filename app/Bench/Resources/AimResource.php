<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** What a mix does to what it is aimed at. */
#[OA\Schema(schema: 'Aim')]
final readonly class AimResource
{
    public function __construct(
        #[OA\Property] public string $target,
        #[OA\Property(enum: ['helps', 'little', 'weak', 'tried', 'nothing'])] public string $word,
        #[OA\Property] public string $said,
    ) {}
}
