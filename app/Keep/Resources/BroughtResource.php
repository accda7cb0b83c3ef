<?php

declare(strict_types=1);

namespace App\Keep\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

/** What was done, or would be done, in words; and what takes it back. */
#[OA\Schema(schema: 'Brought')]
final readonly class BroughtResource
{
    /** @param  list<string>  $said */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $said,
        #[OA\Property(description: 'The backup that holds what was there before a restore.')] public ?string $kept = null,
        #[OA\Property(description: 'The garden that was brought in.')] public ?string $garden_id = null,
        #[OA\Property(description: 'Where it went into one that was there.')] public ?ChangeResource $change = null,
    ) {}
}
