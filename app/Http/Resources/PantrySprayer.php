<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A sprayer with what it last held. */
#[OA\Schema(schema: 'PantrySprayer')]
final readonly class PantrySprayer
{
    public function __construct(
        #[OA\Property] public SprayerResource $sprayer,
        #[OA\Property] public ?HeldResource $held,
    ) {}
}
