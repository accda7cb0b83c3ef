<?php

declare(strict_types=1);

namespace App\Notebook\Resources;

use App\Models\Change;
use OpenApi\Attributes as OA;

/** Something that was just done and can be undone. */
#[OA\Schema(schema: 'Change')]
final readonly class ChangeResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $label,
    ) {}

    public static function of(Change $change): self
    {
        return new self($change->id, $change->label);
    }
}
