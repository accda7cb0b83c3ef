<?php

declare(strict_types=1);

namespace App\Keep\Resources;

use OpenApi\Attributes as OA;

/** Something that takes its time and is not done yet. */
#[OA\Schema(schema: 'GoingOn')]
final readonly class GoingOnResource
{
    public function __construct(#[OA\Property] public string $what, #[OA\Property(description: '0 to 1')] public float $share) {}
}
