<?php

declare(strict_types=1);

namespace App\Notebook\Resources;

use App\Rounds\Resources\ApplicationResource;
use OpenApi\Attributes as OA;

/** Entries, newest first, and where the older ones begin. */
#[OA\Schema(schema: 'NotebookPage')]
final readonly class NotebookPageResource
{
    /** @param  list<ApplicationResource>  $entries */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: ApplicationResource::class))] public array $entries,
        #[OA\Property(description: 'Pass as `before` for the next page; null at the end.')] public ?string $older,
        #[OA\Property] public int $total,
    ) {}
}
