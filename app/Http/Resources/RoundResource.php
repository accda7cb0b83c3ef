<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Round;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Round')]
final readonly class RoundResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $course_id,
        #[OA\Property] public int $number,
        #[OA\Property(format: 'date')] public string $due_on,
        #[OA\Property(enum: ['planned', 'done', 'skipped'])] public string $status,
        #[OA\Property] public ?string $reason,
        #[OA\Property(format: 'date-time')] public ?string $applied_at,
    ) {}

    /** The round's application must be loaded. */
    public static function of(Round $round): self
    {
        return new self(
            $round->id, $round->version, $round->course_id, $round->number, $round->due_on->toDateString(), $round->status->value,
            $round->reason, $round->application?->applied_at->toIso8601ZuluString(),
        );
    }
}
