<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** What has changed for a course, and what that means for its rounds. */
#[OA\Schema(schema: 'Replan')]
final readonly class ReplanResource
{
    /** @param  list<ReplanMoveResource>  $moves */
    public function __construct(
        #[OA\Property] public string $course_id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'What rain did to the last spray; null where nothing.')] public ?string $news,
        #[OA\Property(items: new OA\Items(ref: ReplanMoveResource::class))] public array $moves,
    ) {}
}
