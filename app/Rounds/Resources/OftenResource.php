<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** How often and until when, as it was understood. */
#[OA\Schema(schema: 'Often')]
final readonly class OftenResource
{
    /** @param  list<string>  $days */
    public function __construct(
        #[OA\Property(description: 'Days from one to the next; by weekday or month the mean.')] public float $every_days,
        #[OA\Property] public int $times,
        #[OA\Property(items: new OA\Items(type: 'string', format: 'date'))] public array $days,
        #[OA\Property(description: 'What ends it sooner.', enum: ['gone', 'frost'])] public ?string $until,
        #[OA\Property(description: 'What it comes to, in words.')] public string $said,
        #[OA\Property(description: 'By weekday or month, so that its days are named one by one.')] public bool $is_by_calendar,
    ) {}
}
