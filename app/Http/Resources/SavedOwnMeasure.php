<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedOwnMeasure')]
final readonly class SavedOwnMeasure
{
    public function __construct(
        #[OA\Property] public OwnMeasureResource $ownMeasure,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
