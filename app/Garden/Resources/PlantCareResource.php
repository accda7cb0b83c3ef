<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use OpenApi\Attributes as OA;

/** When in the week plants are watered and fed. */
#[OA\Schema(schema: 'PlantCare')]
final readonly class PlantCareResource
{
    /**
     * @param  list<string>  $water_days
     * @param  list<string>  $feed_days
     */
    private function __construct(
        #[
            OA\Property(items: new OA\Items(type: 'string', enum: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'])),
        ]
        public array $water_days,
        #[OA\Property(description: 'A full hour, like 07:00.')] public string $water_at,
        #[OA\Property(description: 'Over the leaves, not at the root.')] public bool $from_above,
        #[
            OA\Property(items: new OA\Items(type: 'string', enum: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'])),
        ]
        public array $feed_days,
    ) {}

    /** @param  array{water_days?: list<string>, water_at?: string, from_above?: bool, feed_days?: list<string>}  $care */
    public static function of(array $care): self
    {
        return new self($care['water_days'] ?? [], $care['water_at'] ?? '07:00', $care['from_above'] ?? false, $care['feed_days'] ?? []);
    }
}
