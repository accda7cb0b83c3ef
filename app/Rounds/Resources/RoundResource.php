<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use App\Models\Round;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Round')]
final readonly class RoundResource
{
    /** @param  list<string>  $done_planting_ids */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $course_id,
        #[OA\Property] public int $number,
        #[OA\Property(format: 'date')] public string $due_on,
        #[OA\Property(description: 'By the clocks of the garden; null where nobody has said.')] public ?int $due_hour,
        #[OA\Property(description: 'Of two remedies that take turns, the second.')] public bool $is_other,
        #[
            OA\Property(description: 'Plantings that have had it, where only a part was done.', items: new OA\Items(type: 'string')),
        ]
        public array $done_planting_ids,
        #[OA\Property(enum: ['planned', 'done', 'skipped'])] public string $status,
        #[OA\Property] public ?string $reason,
        #[OA\Property(format: 'date-time')] public ?string $applied_at,
    ) {}

    /** The round's application and course must be loaded. */
    public static function of(Round $round): self
    {
        return new self(
            $round->id,
            $round->version,
            $round->course_id,
            $round->number,
            $round->due_on->toDateString(),
            $round->due_hour,
            $round->course->other_recipe_id !== null && $round->number % 2 === 0,
            $round->done_planting_ids,
            $round->status->value,
            $round->reason,
            $round->application?->applied_at->toIso8601ZuluString(),
        );
    }
}
