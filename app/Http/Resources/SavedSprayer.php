<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedSprayer')]
final readonly class SavedSprayer
{
    public function __construct(
        #[OA\Property] public SprayerResource $sprayer,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
