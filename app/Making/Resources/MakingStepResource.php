<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** A step of a making, and how far it is. */
#[OA\Schema(schema: 'MakingStep')]
final readonly class MakingStepResource
{
    /** @param  list<string>  $cautions */
    public function __construct(
        #[OA\Property] public int $n,
        #[OA\Property] public int $day,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $what,
        #[OA\Property] public ?string $how,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $cautions,
        #[OA\Property(format: 'date-time')] public ?string $done_at,
        #[OA\Property] public ?float $minutes,
        #[OA\Property(format: 'date-time')] public ?string $timer_started_at,
        #[OA\Property(format: 'date-time')] public ?string $timer_ends_at,
    ) {}
}
