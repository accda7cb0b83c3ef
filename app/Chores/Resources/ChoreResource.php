<?php

declare(strict_types=1);

namespace App\Chores\Resources;

use App\Core\Say;
use App\Models\Chore;
use OpenApi\Attributes as OA;

/** A job of the calendar. */
#[OA\Schema(schema: 'Chore')]
final readonly class ChoreResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property(enum: ['feed', 'water', 'other'])] public string $kind,
        #[OA\Property(description: 'What, and on what.')] public string $said,
        #[OA\Property] public string $what,
        #[OA\Property] public ?string $planting_id,
        #[OA\Property(description: 'As it was said.')] public string $often,
        #[OA\Property] public ?string $until,
        #[OA\Property] public bool $from_above,
        #[OA\Property(description: 'Null once it is over.', format: 'date')] public ?string $next_on,
        #[OA\Property(format: 'date')] public ?string $done_on,
    ) {}

    /** The chore's planting must be loaded. */
    public static function of(Chore $chore): self
    {
        return new self(
            $chore->id,
            $chore->version,
            $chore->kind,
            $chore->planting === null
                ? $chore->what
                : Say::it('chore.on', ['what' => $chore->what, 'planting' => $chore->planting->name]),
            $chore->what,
            $chore->planting_id,
            $chore->often,
            $chore->until,
            $chore->from_above,
            $chore->next_on?->toDateString(),
            $chore->done_on?->toDateString(),
        );
    }
}
